<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Digest;

/** An image that stands above a form: which bytes, and how large they are shown. */
final readonly class Picture
{
    public const PATTERN = '/^([0-9a-f]{64}) ([1-9]\d{0,3})x([1-9]\d{0,3})$/D';

    private function __construct(public Digest $digest, public int $width, public int $height) {}

    public static function of(Digest $digest, int $width, int $height): self
    {
        return new self($digest, $width, $height);
    }

    /** @param  string  $text  as text() gives it; null where it is none */
    public static function find(string $text): ?self
    {
        return preg_match(self::PATTERN, $text, $m) === 1 ? new self(Digest::fromHex($m[1]), (int) $m[2], (int) $m[3]) : null;
    }

    public function text(): string
    {
        return "{$this->digest->hex()} {$this->width}x{$this->height}";
    }
}
