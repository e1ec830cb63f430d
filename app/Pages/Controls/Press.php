<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A button that changes a place of a document. */
final readonly class Press
{
    /**
     * @param  string  $text  on the button
     * @param  string  $label  for whoever does not see where it stands
     * @param  string  $does  what it does to the place: "set", "add", "begin", "copy", "remove", "up", "down"
     */
    public function __construct(
        public string $id, public string $place, public string $text, public string $label, public string $does = 'set', public string $value = ''
    ) {}

    /** @return list<self> buttons that move and remove an item, as far as it can be */
    public static function forItem(string $place, string $name, bool $first, bool $last, ?string $remove): array
    {
        $id = PlaceId::of($place);

        return [
            ...($first ? [] : [new self("$id-up", $place, '↑', "Move $name up", 'up')]),
            ...($last ? [] : [new self("$id-down", $place, '↓', "Move $name down", 'down')]),
            ...($remove === null ? [] : [new self("$id-remove", $place, $remove, "$remove $name", 'remove')]),
        ];
    }
}
