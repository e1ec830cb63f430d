<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** Any of a set of names, each once: languages, channels, countries, ids. */
final readonly class Some implements ValueType
{
    /**
     * @param  TextForm|non-empty-list<string>  $names  a closed set, or the form that each has
     * @param  bool  $needed  whether there must be one
     */
    public function __construct(private TextForm|array $names, private bool $needed = false) {}

    /** @return list<string> */
    public function read(mixed $sent, Place $place, Written $written): array
    {
        return array_values(array_filter(is_array($sent) ? $sent : [], static fn (mixed $item): bool => is_string($item) && $item !== ''));
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_array($value) || ($this->needed && $value === [])) {
            throw Refused::because(DraftRefusal::NoneGiven, what: $what);
        }
        foreach ($value as $item) {
            if (is_array($this->names) ? ! in_array($item, $this->names, true) : ! is_string($item) || $this->names->fault($item) !== null) {
                [$refusal, $names] = is_array($this->names) ? [DraftRefusal::NotAmong, implode(', ', $this->names)] : [DraftRefusal::NotOfForm, ''];
                throw Refused::because($refusal, what: $what, given: is_string($item) ? $item : '', names: $names);
            }
        }
        if (count(array_unique(array_filter($value, is_string(...)))) !== count($value)) {
            throw Refused::because(DraftRefusal::GivenTwice, what: $what);
        }
    }
}
