<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A field, a box, a button or words in the picture of a form. */
final readonly class PicturePart
{
    /**
     * @param  int  $y  at which it begins
     * @param  list<string>  $lines  its label
     * @param  string  $shape  "field", "button", "words", or how the box stands: "yes", "no", "empty"
     * @param  list<int>  $numbers  of what was found there
     * @param  string  $verdict  the gravest of it; empty where nothing was
     */
    public function __construct(
        public int $y, public array $lines, public string $shape, public bool $required, public array $numbers, public string $verdict
    ) {}

    /** The numbers, as they stand beside it. */
    public function marked(): string
    {
        return implode(', ', $this->numbers);
    }

    /** A line of its label; the last says whether it is needed. */
    public function line(int $n): string
    {
        return $this->lines[$n].($this->required && $n === count($this->lines) - 1 ? ' (needed)' : '');
    }

    /** How wide a button is drawn, by its longest line. */
    public function width(): int
    {
        return 24 + (int) (6.4 * max(array_map(mb_strlen(...), $this->lines)));
    }

    public function colour(): string
    {
        return match ($this->verdict) {
            'breach' => '#8e1b2e', 'weakness' => '#855600', default => '#535a68'
        };
    }
}
