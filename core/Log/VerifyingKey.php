<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;

/**
 * The public half of a signing key (Ed25519, RFC 8032), with the name and key id that the open
 * signed-note format gives it: key id = first 4 bytes of SHA-256(name, line feed, 0x01, key).
 */
final readonly class VerifyingKey
{
    private const ED25519 = "\x01";

    /** @param  string  $key 32 bytes */
    public function __construct(public string $name, public string $key)
    {
        if (preg_match('/^[^\s+]+$/uD', $name) !== 1) {
            throw new InvalidArgumentException('A key\'s name has no white space and no plus sign.');
        }
        if (strlen($key) !== SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES) {
            throw new InvalidArgumentException(sprintf('An Ed25519 public key has 32 bytes, these are %d.', strlen($key)));
        }
    }

    /** Four bytes. */
    public function id(): string
    {
        return substr(hash('sha256', $this->name."\n".self::ED25519.$this->key, true), 0, 4);
    }

    /** NAME+ID+KEY: what is handed to whoever wants to verify. */
    public function text(): string
    {
        return $this->name.'+'.bin2hex($this->id()).'+'.base64_encode(self::ED25519.$this->key);
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): self
    {
        $parts = explode('+', trim($text), 3);
        $bytes = base64_decode($parts[2] ?? '', true);
        if (count($parts) !== 3 || $bytes === false || ! str_starts_with($bytes, self::ED25519)) {
            throw new InvalidArgumentException('A verification key is written NAME+ID+KEY, the id in hexadecimal, the key in base64.');
        }
        $key = new self($parts[0], substr($bytes, 1));
        if (bin2hex($key->id()) !== $parts[1]) {
            throw new InvalidArgumentException("The key id {$parts[1]} does not belong to this key; it would be ".bin2hex($key->id()).'.');
        }

        return $key;
    }

    /** @param  string  $signature 64 bytes */
    public function verifies(string $message, string $signature): bool
    {
        return strlen($signature) === SODIUM_CRYPTO_SIGN_BYTES && $this->key !== '' && sodium_crypto_sign_verify_detached($signature, $message, $this->key);
    }

    public function equals(self $other): bool
    {
        return $this->text() === $other->text();
    }
}
