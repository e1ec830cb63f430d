<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** A line of a register: the name with its link, and what stands in the columns behind it. */
final readonly class RegisterRow
{
    /**
     * @param  string  $under  in smaller print under the name
     * @param  list<string>  $cells
     * @param  list<string>  $lacks  what is not on record
     */
    public function __construct(public string $name, public string $link, public string $under, public array $cells, public array $lacks = []) {}
}
