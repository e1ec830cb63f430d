<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Place;
use Juramen\Register\Texts;

/** Texts of a sheet with their place. */
final readonly class PlacedTexts
{
    /** @param  string  $what  what they are, as the office calls it: "the title" */
    public function __construct(public Place $place, public string $what, public Texts $texts) {}
}
