<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;
use App\Pages\Controls\Press;

/** A page into which a form breaks. */
final readonly class PageRow
{
    /**
     * @param  string  $place  in the document
     * @param  list<Line>  $titles  by language
     * @param  string  $holds  what stands on it
     * @param  list<Press>  $presses
     */
    public function __construct(public string $place, public int $number, public array $titles, public string $holds, public array $presses) {}
}
