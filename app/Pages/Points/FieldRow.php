<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Press;

/** A field of a sheet, with what can be done to it. */
final readonly class FieldRow
{
    /**
     * @param  string  $place  in the document
     * @param  Choice|null  $kind  null where it cannot be another
     * @param  Choice|null  $required  null where that is no question
     * @param  string  $always  what it is then
     * @param  list<Press>  $presses
     * @param  list<FieldTexts>  $texts  what visitors read of it, by language
     * @param  list<AnswerRow>  $answers  that it offers
     * @param  Press|null  $another  offers one more
     * @param  Choice|null  $adds  what becomes of earlier answers of somebody known; null where there is nothing to choose
     * @param  list<OwnPart>  $own  what only its kind has
     */
    public function __construct(
        public string $place, public string $name, public FieldMarks $marks, public ?Choice $kind, public ?Choice $required, public string $always,
        public Line $reason,
        public array $presses, public array $texts, public array $answers, public ?Press $another, public ?Choice $adds,
        public Placing $placing, public array $own
    ) {}
}
