<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Press;
use App\Pages\Notes\NoteView;

/** A field of a sheet, with what can be done to it. */
final readonly class FieldRow
{
    /**
     * @param  list<NoteView>  $marks
     * @param  Choice|null  $required  null where it must be
     * @param  list<Press>  $presses
     */
    public function __construct(public string $name, public array $marks, public ?Choice $required, public Line $reason, public array $presses) {}
}
