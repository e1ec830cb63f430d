<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Place;
use Juramen\Register\Language;

/** A text that is missing in a language which the form offers. */
final readonly class MissingText
{
    /** @param  string  $what  what it is, as the office calls it: "the title" */
    public function __construct(public Place $place, public string $what, public Language $language) {}
}
