<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What became of the puzzle. */
enum Puzzled
{
    /** None was put. */
    case Not;
    /** The page had one, and it was neither solved nor its question answered. */
    case Left;
    case Solved;
}
