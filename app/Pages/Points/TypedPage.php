<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Pages\Notes\Margin;

/** What stands around the fields of a sheet while somebody types. */
final readonly class TypedPage
{
    /**
     * @param  list<WordsGroup>  $words
     * @param  list<FieldMarks>  $fieldMarks
     */
    public function __construct(
        public Point $point,
        public Margin $margin,
        public array $words,
        public AfterForm $after,
        public SecondForm $second,
        public Proof $proof,
        private array $fieldMarks,
    ) {}

    /** @return list<FieldMarks> */
    public function fieldMarks(): array
    {
        return $this->fieldMarks;
    }
}
