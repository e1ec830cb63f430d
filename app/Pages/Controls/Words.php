<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document with words that are judged while they are typed. */
final readonly class Words
{
    public string $id;

    /**
     * @param  string  $language  tag of the language they are in
     * @param  string  $marked  the same as HTML, with what notes speak of underlined
     */
    public function __construct(
        public string $place, public string $label, public string $value, public string $language, public string $marked, public int $rows = 1
    ) {
        $this->id = PlaceId::of($place);
    }

    /** The id of the layer with the underlines. */
    public function layer(): string
    {
        return 'under-'.str_replace('/', '-', $this->place);
    }
}
