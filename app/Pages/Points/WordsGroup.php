<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Words;
use App\Pages\Notes\NoteView;

/** One text of a sheet in all its languages. */
final readonly class WordsGroup
{
    /**
     * @param  string  $at  id of the place
     * @param  list<NoteView>  $marks
     * @param  list<Words>  $words
     */
    public function __construct(public string $at, public array $marks, public array $words) {}
}
