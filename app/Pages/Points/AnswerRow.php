<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;
use App\Pages\Controls\Press;

/** An answer that a field offers. */
final readonly class AnswerRow
{
    /**
     * @param  string  $place  in the document
     * @param  list<Line>  $labels  one for each language
     * @param  list<Press>  $presses
     */
    public function __construct(public string $place, public array $labels, public array $presses) {}
}
