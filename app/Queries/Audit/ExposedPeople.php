<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;

/** How many people agreed at each point: so many are touched by what is wrong there. Read once. */
final class ExposedPeople
{
    /** @var array<string, int>|null by the point's slug */
    private ?array $by = null;

    public function at(string $point): int
    {
        $this->by ??= array_map(Stored::number(...), DB::table('journeys')->join('point_editions', 'point_editions.id', '=', 'journeys.point_edition_id')
            ->join('points', 'points.id', '=', 'point_editions.point_id')->where('journeys.state', JourneyState::Confirmed->value)
            ->groupBy('points.slug')->selectRaw('points.slug, COUNT(DISTINCT journeys.subscriber_id) AS people')->pluck('people', 'slug')->all());

        return $this->by[$point] ?? 0;
    }
}
