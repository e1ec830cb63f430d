<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\Point;
use App\Support\FloodMark;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;

/** Where more came in than the limits let through: there the puzzle is put to everybody for a while. */
final class Floods
{
    public function __construct(private readonly SystemClock $clock) {}

    /** Whether the puzzle is put to everybody at a point. */
    public function raises(string $point): bool
    {
        return $this->standing(FloodMark::Raised, [$point, '']) !== [];
    }

    /** @return list<string> points that have such a mark; "" of all of them together */
    public function with(FloodMark $mark): array
    {
        $points = Point::query()->orderBy('slug')->get(['slug'])->map(static fn (Point $p): string => $p->slug)->values()->all();

        return $this->standing($mark, ['', ...$points]);
    }

    /**
     * @param  list<string>  $points
     * @return list<string> those of them that have it
     */
    private function standing(FloodMark $mark, array $points): array
    {
        $ids = array_map(static fn (string $point): string => $mark->id($point, config()->string('app.key')), $points);
        $standing = DB::table('flood')->whereIn('id', $ids)->where('ends', '>', $this->clock->instant()->utc->getTimestamp())->pluck('id')->all();

        return array_values(array_filter($points, static fn (int $i): bool => in_array($ids[$i], $standing, true), ARRAY_FILTER_USE_KEY));
    }
}
