<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What screening decides about a submission. */
enum Band: string
{
    /** Goes on. */
    case Pass = 'pass';
    /** Its browser solves a puzzle, or its person answers a question; then it is judged once more. */
    case Puzzle = 'puzzle';
    /** Kept for a person to decide; the visitor gets the usual answer. */
    case Hold = 'hold';
    /** Its consents are not taken, and nothing of them is kept; the visitor gets the usual answer. */
    case Refuse = 'refuse';
}
