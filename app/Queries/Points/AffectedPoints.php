<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Actions\Points\ReviewPublication;
use App\Models\PublishedEdition;
use Illuminate\Database\Eloquent\Collection;
use Juramen\Canon\Refused;
use Juramen\Points\Registers;

/** Which published points are not what they would be if they were published again, with the registers as given. */
final class AffectedPoints
{
    public function __construct(private readonly ReviewPublication $review) {}

    /**
     * @param  Registers  $registers  as they are, or as they would be
     * @return list<AffectedPoint>
     */
    public function by(Registers $registers): array
    {
        $affected = [];
        foreach (self::published() as $row) {
            try {
                $publication = $this->review->again($row, $registers);
                if ($publication->differs()) {
                    $affected[] = AffectedPoint::of($publication);
                }
            } catch (Refused $e) {
                $affected[] = AffectedPoint::impossible($row, $e->getMessage());
            }
        }

        return $affected;
    }

    /** @return Collection<int, PublishedEdition> the edition in force of every published point */
    public static function published(): Collection
    {
        return PublishedEdition::query()->with('point.controller')
            ->whereRaw('number = (SELECT MAX(e.number) FROM point_editions e WHERE e.point_id = point_editions.point_id)')->get()->sortBy('point.slug')
            ->values();
    }
}
