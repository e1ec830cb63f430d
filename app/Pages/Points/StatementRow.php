<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Press;
use App\Pages\Notes\NoteView;

/** A statement on a sheet, with its words as a visitor reads them. */
final readonly class StatementRow
{
    /**
     * @param  string  $place  in the document
     * @param  Choice  $control  how it is answered
     * @param  Choice|null  $needed  whether it must be; null where that is no question
     * @param  string  $link  address of the statement in the register
     * @param  list<NoteView>  $marks
     * @param  list<Press>  $presses
     * @param  list<ReadWords>  $words
     */
    public function __construct(
        public string $place, public Choice $control, public ?Choice $needed, public Placing $placing, public string $name, public string $purpose,
        public string $channels, public string $link, public array $marks, public array $presses, public array $words
    ) {}
}
