<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Actions\Points\Publication;
use App\Models\Point;
use App\Models\PublishedEdition;
use Juramen\Points\PartDifference;

/** A published point that would show something else if it were published again. */
final readonly class AffectedPoint
{
    /**
     * @param  int  $edition  number of the one in force
     * @param  list<PartDifference>  $difference
     * @param  string|null  $stops  why it cannot be published with the change; null where it can
     * @param  string|null  $looked  names what it would show, see Publication::looked()
     */
    private function __construct(
        public Point $point, public string $name, public int $edition, public array $difference, public ?string $stops, public ?string $looked
    ) {}

    public static function of(Publication $publication): self
    {
        $stops = [...$publication->stops(), ...$publication->breaches()];

        return new self(
            $publication->point, $publication->sheet->draft->name, $publication->number() - 1, $publication->difference(),
            $stops === [] ? null : $stops[0]->says(), $publication->looked(),
        );
    }

    /** No form can be made of it any more. */
    public static function impossible(PublishedEdition $row, string $why): self
    {
        return new self($row->point, $row->edition()->sheet->draft->name, $row->number, [], $why, null);
    }
}
