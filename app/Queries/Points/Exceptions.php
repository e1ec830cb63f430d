<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\AcceptedFinding;
use App\Models\Point;
use App\Support\SystemClock;
use Illuminate\Support\Collection;
use Juramen\Audit\Finding;
use Juramen\Canon\ById;

/** Exceptions that hold: for exactly what was found, until their day. */
final class Exceptions
{
    public function __construct(private readonly SystemClock $clock) {}

    /**
     * Those of a point, by the key of the finding they cover.
     *
     * @param  ById<Finding>  $findings
     * @return ById<AcceptedFinding>
     */
    public function covering(Point $point, ById $findings): ById
    {
        // Only breaches can be excepted.
        return $findings->filter(static fn (Finding $f): bool => $f->stops())->all() === [] ? ById::none() : self::among($this->of([$point->id]), $findings);
    }

    /**
     * Those of several points that have not ended.
     *
     * @param  list<int>  $points  ids
     * @return Collection<int, AcceptedFinding> in the order made
     */
    public function of(array $points): Collection
    {
        return AcceptedFinding::query()->with('maker')->whereIn('point_id', $points)->where('until', '>=', $this->clock->today()->text)->orderBy('id')->get();
    }

    /**
     * @param  Collection<int, AcceptedFinding>  $rows
     * @param  ById<Finding>  $findings
     * @return ById<AcceptedFinding>
     */
    public static function among(Collection $rows, ById $findings): ById
    {
        return ById::of(
            $rows->filter(static fn (AcceptedFinding $row): bool => $findings->get($row->key())?->digest->equals($row->finding) === true),
            static fn (AcceptedFinding $row): string => $row->key()
        );
    }
}
