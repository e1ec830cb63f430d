<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Points\SecondWords;
use Juramen\Register\Language;
use Juramen\Wording\Found;

/** What one requirement found at one place. */
final readonly class Result
{
    /**
     * @param  Place|Selector|null  $where  in a sheet or statement of ours, or on a page
     * @param  Found|null  $words  that led to it, within the text that was judged
     * @param  string  $says  what was found, in a sentence
     * @param  string|null  $mend  what would be right
     * @param  Mend|null  $change  the mend as a change to the document, where it can be made by itself
     * @param  string|null  $blocks  the house rule that lets a weakness stop a publication; null where none does
     * @param  bool  $unwritten  whether it only says that something is not written yet, which is no fault of what is
     * @param  int  $times  how often it happened, of what is counted; 1 of all else
     */
    public function __construct(
        public Requirement $requirement,
        public Verdict $verdict,
        public string $says = '',
        public Place|Selector|null $where = null,
        public ?Found $words = null,
        public ?string $mend = null,
        public ?Mend $change = null,
        public ?string $blocks = null,
        public bool $unwritten = false,
        public int $times = 1,
    ) {}

    /** Whether it stops a publication. */
    public function stops(): bool
    {
        return $this->verdict === Verdict::Breach || $this->blocks !== null;
    }

    public function place(): ?Place
    {
        return $this->where instanceof Place ? $this->where : null;
    }

    public function withChange(?Mend $change): self
    {
        return new self($this->requirement, $this->verdict, $this->says, $this->where, $this->words, $this->mend, $change, $this->blocks, $this->unwritten,
            $this->times);
    }

    /** The same at the place where its words were written. */
    public function at(Place $where, Found $words): self
    {
        return new self(
            $this->requirement, $this->verdict, $this->says, $where, $words, $this->mend, $this->change, $this->blocks, $this->unwritten, $this->times
        );
    }

    /** The same of a form's second version: it stands at that version's words that led to it, and no change is known for it. */
    public function withinSecond(SecondWords $second, Language $language): self
    {
        $parts = array_filter(SecondWords::PARTS, fn (string $part): bool => $this->words !== null
            && str_contains($second->of($part)->orNothing($language), $this->words->words));
        $where = $parts === [] ? $this->where : Place::of(SecondWords::PLACE, array_values($parts)[0], $language->value);

        return new self(
            $this->requirement, $this->verdict, "In the second version: $this->says", $where, $this->words, $this->mend, null, $this->blocks, $this->unwritten,
            $this->times
        );
    }

    /** The same with its words found within another text that shows the same ones, such as the template they were filled into. */
    public function in(string $judged, string $shown): self
    {
        return new self($this->requirement, $this->verdict, $this->says, $this->where, $this->words?->in($judged, $shown), $this->mend, $this->change,
            $this->blocks, $this->unwritten,
            $this->times);
    }

    /** @return array{requirement: string, verdict: string, where: string|null, words: string|null, source: string, mend: string|null} */
    public function toArray(): array
    {
        return [
            'requirement' => $this->requirement->id(),
            'verdict' => $this->verdict->value,
            'where' => $this->where?->text(),
            'words' => $this->words?->words,
            'source' => $this->requirement->source()->text,
            'mend' => $this->mend,
        ];
    }
}
