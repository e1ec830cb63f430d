<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** An act with its proof and all that belongs to it. */
final readonly class ChosenAct
{
    /**
     * @param  string  $id  of its entry, in hex
     * @param  string|null  $place  where it stands under the newest checkpoint; null while it is not sealed
     * @param  string  $digest  of the entry, in groups
     * @param  string  $edition  the beginning of the edition's digest, where it names one
     * @param  list<AgreedWords>  $agreed
     * @param  list<KeptValue>  $kept
     * @param  list<string>  $notes  how it came, and what screening said
     * @param  string  $stored  the entry, with its members under each other
     */
    public function __construct(
        public string $id,
        public string $title,
        public bool $holds,
        public ?string $place,
        public string $digest,
        public string $edition,
        public array $agreed,
        public array $kept,
        public array $notes,
        public string $stored,
    ) {}
}
