<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * What stands at one place of a document and has no places within: a text, number, yes or no, or a list of such; or the order in which
 * a list's items stand, which is another only where items that are on both sides changed places.
 */
final readonly class Leaf
{
    /** @param  bool  $isOrder  whether the value is the ids of a list's items */
    public function __construct(public Place $place, public mixed $value, private bool $isOrder = false) {}

    public function equals(?self $other): bool
    {
        if ($this->isOrder || $other?->isOrder === true) {
            [$mine, $theirs] = [$this->ids(), $other?->ids() ?? []];

            return array_values(array_intersect($mine, $theirs)) === array_values(array_intersect($theirs, $mine));
        }

        return $other !== null && $this->value === $other->value;
    }

    /** @return list<string> */
    private function ids(): array
    {
        return is_array($this->value) ? array_values(array_filter($this->value, is_string(...))) : [];
    }
}
