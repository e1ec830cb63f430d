<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use Juramen\Points\Registers;

/** The registers in force on a day with the sheets as they are drafted, read once and kept by what they were read from. */
final readonly class RegisterShelf
{
    /**
     * @param  list<SheetOnFile>  $sheets  in the order of their points' names
     * @param  array<string, string>  $names  of statements that were renamed, by their ids
     */
    public function __construct(public Registers $registers, public array $sheets, public array $names) {}
}
