<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Pages\Controls\Tab;
use App\Pages\Notes\Margin;

/** What stands around the fields of a sheet while somebody types. */
final readonly class TypedPage
{
    /**
     * @param  list<WordsGroup>  $words
     * @param  list<Tab>  $languages  of the proof
     * @param  list<Tab>  $widths  of the proof
     */
    public function __construct(
        public Point $point,
        public Margin $margin,
        public array $words,
        public string $endonym,
        public array $languages,
        public array $widths,
        public string $width,
        public string $proof,
    ) {}
}
