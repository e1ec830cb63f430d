<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\Ground;
use Juramen\Register\Language;

/** One text of a file, beside what stands in the register. */
final readonly class LibraryRow
{
    /**
     * @param  int  $line  of the file, from 1, its head not counted
     * @param  string  $old  empty where the register has none in that language
     * @param  Ground|null  $fault  why it cannot be taken
     */
    public function __construct(
        public int $line, public string $statement, public string $language, public string $old, public string $new, public ?Ground $fault
    ) {}

    /** The language's own name; its tag where we know none. */
    public function languageName(): string
    {
        return Language::tryFrom($this->language)?->endonym() ?? $this->language;
    }

    public function isChange(): bool
    {
        return $this->new !== '' && $this->new !== trim($this->old);
    }

    /** Whether a text that is wanted is not there yet. */
    public function isEmpty(): bool
    {
        return $this->new === '';
    }

    public function difference(): Difference
    {
        return Difference::between($this->old, $this->new);
    }
}
