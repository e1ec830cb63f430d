<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\Points\Publication;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use Juramen\Wording\Difference;

/** A published point that would show something else if it were published again. */
final readonly class TouchedPoint
{
    /**
     * @param  int  $edition  number of the one in force
     * @param  array<int, list<Difference>>  $difference  part of the sheet to the sentences that change
     * @param  string|null  $stops  why it cannot be published with the change; null where it can
     * @param  string|null  $looked  names what it would show, see Publication::looked()
     */
    private function __construct(public Point $point, public string $name, public int $edition, public array $difference, public ?string $stops, public ?string $looked) {}

    public static function of(Publication $publication): self
    {
        $breaches = array_values($publication->uncovered());
        $stops = $publication->stops()[0] ?? ($breaches === [] ? null : 'A breach stops it: '.$breaches[0]->notes[0]->result->says);

        return new self($publication->point, $publication->sheet->name, $publication->number() - 1, $publication->difference(), $stops, $publication->looked());
    }

    /** No form can be made of it any more. */
    public static function impossible(EditionRow $row, string $name, string $why): self
    {
        return new self($row->point, $name, $row->number, [], $why, null);
    }
}
