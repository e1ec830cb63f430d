<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use Juramen\Canon\ById;

/** By what a destination knows a person: made for it alone, so that no two of them can compare whom they know. */
final readonly class KeyThere
{
    public function __construct(public string $text) {}

    /** The person in one of its groups, of whom no more than that is said. */
    public function in(string $group): PersonThere
    {
        return new PersonThere($this->text, $group, '', ById::none());
    }
}
