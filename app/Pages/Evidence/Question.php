<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Pages\Controls\Option;

/** "May we use this address for this purpose by this channel on this day?", with its answer and the drawing. */
final readonly class Question
{
    /**
     * @param  string  $page  address of the page, and $part that of this part of it alone
     * @param  string  $entry  id of the act that was chosen, in hex, or "" where none was
     * @param  string  $seen  id of the act that is shown, in hex, or ""
     * @param  list<Option>  $purposes
     * @param  list<Option>  $channels
     * @param  string  $typed  the moment as it is written in its field
     * @param  string  $wrong  what is wrong with the moment that was typed, or ""
     * @param  list<string>  $faults  what is not as it was written; then nothing is answered
     * @param  list<Answered>  $answers  two where the clocks were put back over the moment
     * @param  list<Option>  $zooms  how much time the drawing shows
     */
    public function __construct(
        public string $page,
        public string $part,
        public string $entry,
        public string $seen,
        public array $purposes,
        public array $channels,
        public string $typed,
        public string $zone,
        public string $wrong,
        public array $faults,
        public array $answers,
        public LifelineDrawing $drawing,
        public array $zooms,
    ) {}
}
