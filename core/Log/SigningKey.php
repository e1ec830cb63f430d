<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use SensitiveParameter;

/** An Ed25519 signing key (RFC 8032), made of a secret seed of 32 bytes. */
final readonly class SigningKey
{
    private string $secret;

    public VerifyingKey $public;

    public function __construct(string $name, #[SensitiveParameter] string $seed)
    {
        if (strlen($seed) !== SODIUM_CRYPTO_SIGN_SEEDBYTES) {
            throw new InvalidArgumentException(sprintf('An Ed25519 seed has 32 bytes, these are %d.', strlen($seed)));
        }
        $pair = sodium_crypto_sign_seed_keypair($seed);
        $this->secret = sodium_crypto_sign_secretkey($pair);
        $this->public = new VerifyingKey($name, sodium_crypto_sign_publickey($pair));
    }

    /** @return string 64 bytes */
    public function sign(string $message): string
    {
        return sodium_crypto_sign_detached($message, $this->secret);
    }
}
