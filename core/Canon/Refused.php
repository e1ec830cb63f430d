<?php

declare(strict_types=1);

namespace Juramen\Canon;

use DomainException;

/** Something that cannot be as it was asked for. Nothing of it was done. */
class Refused extends DomainException
{
    /** @var non-empty-list<Ground> */
    public readonly array $grounds;

    final public function __construct(Ground $ground, Ground ...$more)
    {
        $this->grounds = [$ground, ...array_values($more)];
        parent::__construct(implode(' ', array_map(static fn (Ground $g): string => $g->says(), $this->grounds)));
    }

    public static function because(Refusal $refusal, string|int|Slug|Day ...$facts): static
    {
        return new static(new Ground($refusal, ...$facts));
    }

    /** Whether this is among its grounds. */
    public function isFor(Refusal $refusal): bool
    {
        return array_filter($this->grounds, static fn (Ground $g): bool => $g->refusal === $refusal) !== [];
    }
}
