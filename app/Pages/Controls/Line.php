<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document with a line of text, within a sentence. */
final readonly class Line
{
    private const SHORTEST = 12;

    private const LONGEST = 44;

    public string $id;

    /**
     * @param  string  $empty  stands where nothing is written
     * @param  string  $type  of the HTML input
     * @param  bool  $needed  whether it should not stay empty
     * @param  string|null  $fault  what is wrong with what is written, said beside it; null where nothing is said there
     * @param  bool  $judged  whether it is judged while somebody types
     */
    public function __construct(
        public string $place, public string $label, public string $value, public string $empty = '', public string $type = 'text', public bool $needed = true,
        public ?string $fault = null, public bool $judged = false
    ) {
        $this->id = PlaceId::of($place);
    }

    /** Characters that it is wide. */
    public function size(): int
    {
        return max(self::SHORTEST, min(self::LONGEST, mb_strlen($this->value) + 1));
    }
}
