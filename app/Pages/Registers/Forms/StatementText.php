<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Press;
use App\Pages\Controls\Words;
use App\Pages\Notes\NoteView;

/** The words of a statement in one language, and how they read. */
final readonly class StatementText
{
    /**
     * @param  list<NoteView>  $marks
     * @param  string  $read  as a visitor reads them, as HTML
     * @param  string  $ease  how easily they read
     */
    public function __construct(
        public string $language, public Words $words, public array $marks, public string $read, public string $ease, public ?Press $remove
    ) {}
}
