<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** In which way a mend changes what stands in its place. */
enum MendHow
{
    /** What stands in the place goes. */
    case TakesAway;
    /** The value is added behind the text that stands there. */
    case Adds;
    /** The value stands in for certain words of the text. */
    case Replaces;
    /** The value stands before the first full stop. */
    case EndsFirstSentence;
    /** The value stands in for a whole sentence, which goes where the value is empty. */
    case Rewrites;
    /** The clause with certain words goes, with the "and" that ties it to the rest. */
    case Cuts;
}
