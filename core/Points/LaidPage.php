<?php

declare(strict_types=1);

namespace Juramen\Points;

/** A page of a form with what stands on it. */
final readonly class LaidPage
{
    /**
     * @param  int  $number  from 1
     * @param  FormPage|null  $page  null where the form has one page only
     * @param  list<Field>  $fields  in the order asked
     * @param  list<Control>  $controls  in the order shown, behind the fields
     */
    public function __construct(public int $number, public ?FormPage $page, public array $fields, public array $controls) {}

    /** @return list<Field|Control> */
    public function items(): array
    {
        return [...$this->fields, ...$this->controls];
    }

    /** Whether it has any of these inputs or groups of them. */
    public function has(string $name): bool
    {
        return in_array($name, array_map(static fn (Field|Control $item): string => $item->name(), $this->items()), true);
    }
}
