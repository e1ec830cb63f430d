<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document for which any of several things are chosen, within a sentence. */
final readonly class Several
{
    public string $id;

    /**
     * @param  string  $says  what is chosen, as the sentence goes
     * @param  list<Option>  $options
     */
    public function __construct(public string $place, public string $label, public string $says, public array $options)
    {
        $this->id = PlaceId::of($place);
    }
}
