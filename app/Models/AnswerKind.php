<?php

declare(strict_types=1);

namespace App\Models;

/** What can be said to a note. */
enum AnswerKind: string
{
    /** What was asked is in order, in somebody's word. */
    case InOrder = 'in-order';
    /** The sentence does not mean what was understood; it is kept for whoever maintains the language. */
    case ReadWrongly = 'read-wrongly';
}
