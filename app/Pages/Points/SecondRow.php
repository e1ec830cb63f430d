<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;
use App\Pages\Notes\NoteView;

/** One part of a form's words, in another version. */
final readonly class SecondRow
{
    /**
     * @param  list<NoteView>  $marks
     * @param  list<Line>  $lines  by language
     */
    public function __construct(public string $label, public string $at, public array $marks, public array $lines) {}
}
