<?php

declare(strict_types=1);

namespace App\Actions\Registers;

/** What is done to a place of a document. */
enum EditKind: string
{
    case Set = 'set';
    /** A text that is still empty, so that it can be written. */
    case Begin = 'begin';
    /** Another item of a list. */
    case Add = 'add';
    /** The same item once more, behind itself. */
    case Copy = 'copy';
    case Remove = 'remove';
    case Up = 'up';
    case Down = 'down';
    /** To a place in its list, counted from one. */
    case To = 'to';
}
