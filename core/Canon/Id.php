<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** A random identifier of 128 bits, written as 32 hexadecimal digits. Says nothing about what it names. */
final readonly class Id
{
    private function __construct(public string $bytes) {}

    public static function random(): self
    {
        return new self(random_bytes(16));
    }

    /** @throws InvalidArgumentException unless given exactly 16 bytes */
    public static function fromBytes(string $bytes): self
    {
        if (strlen($bytes) !== 16) {
            throw new InvalidArgumentException(sprintf('An id has 16 bytes, these are %d.', strlen($bytes)));
        }

        return new self($bytes);
    }

    /** @throws InvalidArgumentException unless given 32 lower-case hexadecimal digits */
    public static function fromHex(string $hex): self
    {
        if (preg_match('/^[0-9a-f]{32}$/D', $hex) !== 1) {
            throw new InvalidArgumentException('An id is written with 32 lower-case hexadecimal digits.');
        }

        return new self((string) hex2bin($hex));
    }

    public function hex(): string
    {
        return bin2hex($this->bytes);
    }

    public function equals(self $other): bool
    {
        return $this->bytes === $other->bytes;
    }
}
