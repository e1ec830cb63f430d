<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** Something of a form from elsewhere that is filled in, answered or pressed, or words on it that something was found of, as it was read. */
final readonly class ReadPlace
{
    /**
     * @param  string  $kind  "box", "field", "button" or "words"
     * @param  string  $words  beside it, or those themselves
     * @param  string  $about  how it stands, and what it was taken for
     * @param  string  $verdict  the gravest that was found of it; empty where nothing was
     */
    public function __construct(
        public int $number, public string $kind, public string $where, public string $words, public string $about, public string $verdict
    ) {}
}
