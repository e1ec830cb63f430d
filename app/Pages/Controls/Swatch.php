<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document for which a colour is chosen. */
final readonly class Swatch
{
    public string $id;

    /** @param  string  $value  that is shown, #rrggbb */
    public function __construct(public string $place, public string $label, public string $value)
    {
        $this->id = PlaceId::of($place);
    }
}
