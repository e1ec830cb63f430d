<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** What was agreed to, in the words that stood on the form, and the edition they were made of. */
final readonly class AgreedWords
{
    /** @param  string  $approved  when and by whom, where the edition is on record */
    public function __construct(public string $title, public string $language, public string $words, public string $approved, public string $digest) {}
}
