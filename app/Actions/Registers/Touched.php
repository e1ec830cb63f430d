<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\Points\ReviewPublication;
use App\Models\PointEdition as EditionRow;
use Illuminate\Support\Collection;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;

/** Which published points are not what they would be if they were published again, with the registers as given. */
final class Touched
{
    public function __construct(private readonly ReviewPublication $review) {}

    /**
     * @param  Registers  $registers  as they are, or as they would be
     * @return list<TouchedPoint>
     */
    public function by(Registers $registers): array
    {
        $touched = [];
        foreach ($this->published() as $row) {
            try {
                $publication = $this->review->again($row, $registers);
                if ($publication->differs()) {
                    $touched[] = TouchedPoint::of($publication);
                }
            } catch (InvalidDocument $e) {
                $touched[] = TouchedPoint::impossible($row, PointEdition::parse($row->bytes)->sheet->name, $e->getMessage());
            }
        }

        return $touched;
    }

    /** @return Collection<int, EditionRow> the edition in force of every published point */
    public function published(): Collection
    {
        return EditionRow::query()->with('point.record', 'point.controller')
            ->whereRaw('number = (SELECT MAX(e.number) FROM point_editions e WHERE e.point_id = point_editions.point_id)')->get()->sortBy('point.slug')->values();
    }
}
