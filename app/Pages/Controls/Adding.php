<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** What may be added to a list of a document: chosen at leisure, added by a button. */
final readonly class Adding
{
    public string $id;

    /** @var list<Option> */
    public array $options;

    /**
     * @param  string  $place  the list
     * @param  string  $what  an item of it is called
     * @param  array<array-key, string>  $texts  what may be added, to what it says
     */
    public function __construct(public string $place, public string $what, array $texts)
    {
        $this->id = PlaceId::of($place).'-add';
        $this->options = Option::all(['' => 'nothing more'] + $texts, ['']);
    }
}
