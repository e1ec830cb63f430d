<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** From where to where something lies, with 95 % confidence. */
final readonly class Interval
{
    /** Of the normal distribution: two-sided 95 %. */
    public const Z = 1.959963984540054;

    public function __construct(public float $from, public float $to) {}

    public function has(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }
}
