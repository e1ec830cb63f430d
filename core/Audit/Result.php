<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What one requirement found at one place. */
final readonly class Result
{
    /**
     * @param  string|null  $where  a CSS selector that finds exactly that element, or a path in the sheet's document
     * @param  string|null  $words  the words that led to it
     * @param  string  $says  what was found, in a sentence
     * @param  string|null  $mend  what would be right
     * @param  Mend|null  $change  the mend as a change to the sheet, where it can be made by itself
     */
    public function __construct(
        public Requirement $requirement,
        public Verdict $verdict,
        public string $says = '',
        public ?string $where = null,
        public ?string $words = null,
        public ?string $mend = null,
        public ?Mend $change = null,
    ) {}

    public function withoutChange(): self
    {
        return new self($this->requirement, $this->verdict, $this->says, $this->where, $this->words, $this->mend);
    }

    /** @return array{requirement: string, verdict: string, where: string|null, words: string|null, source: string, mend: string|null} */
    public function toArray(): array
    {
        return [
            'requirement' => $this->requirement->id(),
            'verdict' => $this->verdict->value,
            'where' => $this->where,
            'words' => $this->words,
            'source' => $this->requirement->source()->text,
            'mend' => $this->mend,
        ];
    }
}
