<?php

declare(strict_types=1);

namespace Juramen\Points;

/** The words of a mail, as an edition froze them. */
final readonly class FrozenMail
{
    /** @param  list<FrozenWords>  $words */
    public function __construct(public string $kind, public array $words) {}

    /** Empty where it has no such words. */
    public function word(string $key): string
    {
        foreach ($this->words as $words) {
            if ($words->key === $key) {
                return $words->text;
            }
        }

        return '';
    }
}
