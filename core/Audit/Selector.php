<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A CSS selector that finds exactly one element of a page that somebody else wrote. */
final readonly class Selector
{
    public function __construct(private string $css) {}

    public function text(): string
    {
        return $this->css;
    }

    public function equals(mixed $other): bool
    {
        return $other instanceof self && $other->css === $this->css;
    }
}
