<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** A word, a number or a mark of punctuation. */
final readonly class Token
{
    /**
     * @param  string  $form  in lower case
     * @param  int  $from  in bytes of its sentence
     * @param  int  $to  behind the last byte
     * @param  bool  $word  whether it has letters or digits; else it is a mark
     * @param  bool  $capital  whether it begins with a capital
     * @param  bool  $hyphened  whether a hyphen ties it to the word before it
     */
    public function __construct(
        public string $form, public int $from, public int $to, public bool $word, public bool $capital, public bool $hyphened = false
    ) {}

    public function isNumber(): bool
    {
        return ctype_digit($this->form[0] ?? '');
    }

    /** Whether it parts clauses. */
    public function parts(): bool
    {
        return ! $this->word && in_array($this->form, [',', ';', ':', '–', '(', ')', '.', '!', '?', '-'], true);
    }
}
