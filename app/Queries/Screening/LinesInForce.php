<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\DrawnLines;
use App\Models\Point;
use Illuminate\Support\Collection;
use Juramen\Canon\Slug;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** The lines by which submissions are judged now: a point's own where it departs from the house, else the house's, else ours. */
final class LinesInForce
{
    private const SHOWN = 8;

    public function house(): PointLines
    {
        $drawn = $this->newest(null);

        return new PointLines($drawn?->lines() ?? Lines::ours(), $drawn?->costs() ?? new Costs);
    }

    public function at(Slug $point): PointLines
    {
        return $this->of(Point::query()->where('slug', $point->text)->first(['id', 'slug']));
    }

    /** @param  Point|null  $point  null of the house */
    public function of(?Point $point): PointLines
    {
        $drawn = $point === null ? null : $this->newest($point);
        $lines = $drawn?->lines();

        return $lines === null ? $this->house() : new PointLines($lines, $drawn->costs(), $drawn);
    }

    /** @return Collection<int, DrawnLines> the newest of each point that departs */
    public function departures(): Collection
    {
        return DrawnLines::query()->with(['point', 'user'])->whereNotNull('hold')
            ->whereIn('id', DrawnLines::query()->whereNotNull('point_id')->groupBy('point_id')->selectRaw('MAX(id)'))
            ->orderByDesc('id')->get();
    }

    /**
     * @param  Point|null  $point  null of the house
     * @return Collection<int, DrawnLines> the last that were drawn there, the newest first
     */
    public function drawn(?Point $point): Collection
    {
        return DrawnLines::query()->with('user')->where('point_id', $point?->id)->orderByDesc('id')->limit(self::SHOWN)->get();
    }

    private function newest(?Point $point): ?DrawnLines
    {
        return DrawnLines::query()->where('point_id', $point?->id)->orderByDesc('id')->first();
    }
}
