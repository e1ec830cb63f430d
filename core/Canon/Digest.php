<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** A SHA-256 digest: 32 bytes, compared by value. Names editions, entries, tree nodes and disclosures. */
final readonly class Digest
{
    private function __construct(public string $bytes) {}

    /** The digest of the given bytes. */
    public static function of(string $bytes): self
    {
        return new self(hash('sha256', $bytes, true));
    }

    /** @throws InvalidArgumentException unless given exactly 32 bytes */
    public static function fromBytes(string $bytes): self
    {
        if (strlen($bytes) !== 32) {
            throw new InvalidArgumentException(sprintf('A SHA-256 digest has 32 bytes, these are %d.', strlen($bytes)));
        }

        return new self($bytes);
    }

    /** @throws InvalidArgumentException unless given 64 hexadecimal digits */
    public static function fromHex(string $hex): self
    {
        if (preg_match('/^[0-9a-f]{64}$/D', $hex) !== 1) {
            throw new InvalidArgumentException('A SHA-256 digest is written with 64 lower-case hexadecimal digits.');
        }

        return new self((string) hex2bin($hex));
    }

    public function hex(): string
    {
        return bin2hex($this->bytes);
    }

    public function base64(): string
    {
        return base64_encode($this->bytes);
    }

    public function base64Url(): string
    {
        return Base64Url::encode($this->bytes);
    }

    /** The first and last four digits, for tables: "4f0c…91ae". */
    public function short(): string
    {
        return substr($this->hex(), 0, 4).'…'.substr($this->hex(), -4);
    }

    public function equals(self $other): bool
    {
        return hash_equals($this->bytes, $other->bytes);
    }
}
