<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\DrawnLines;
use App\Models\Point;
use App\Models\User;
use App\Queries\Screening\LinesInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** Puts other lines in force: by an officer, with a reason, from now on. What came before stays as it was decided. */
final class DrawLines
{
    public function __construct(private readonly LinesInForce $inForce, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /**
     * @param  Point|null  $point  that departs from the house; null for the house itself
     *
     * @throws Refused where somebody else may draw them, no reason is given, or nothing is another
     */
    public function __invoke(Lines $lines, Costs $costs, string $reason, User $by, ?Point $point = null): void
    {
        $this->write($lines, $costs, $reason, $by, $point);
    }

    /**
     * A point departs no longer: it follows the house, now and whenever its lines change.
     *
     * @throws Refused where somebody else may say so, no reason is given, or it does not depart
     */
    public function follow(Point $point, string $reason, User $by): void
    {
        $this->write(null, $this->inForce->house()->costs, $reason, $by, $point);
    }

    private function write(?Lines $lines, Costs $costs, string $reason, User $by, ?Point $point): void
    {
        $reason = OfficersReason::of($reason, $by, ActRefusal::LinesWithoutReason);
        DB::transaction(function () use ($lines, $costs, $reason, $by, $point): void {
            $now = $this->inForce->of($point);
            if ($lines === null ? $now->departs === null : $lines == $now->lines && $costs == $now->costs) {
                throw Refused::because(ActRefusal::SameLines);
            }
            DrawnLines::query()->create([
                'puzzle' => $lines?->puzzle, 'hold' => $lines?->hold, 'refuse' => $lines?->refuse, 'lost' => $costs->lost, 'bot' => $costs->bot,
                'reason' => $reason, 'user_id' => $by->id, 'drawn_at' => $this->clock->instant(), 'point_id' => $point?->id,
            ]);
            $said = $lines === null ? 'as the house' : "puzzle, hold and refuse from $lines->puzzle, $lines->hold, $lines->refuse %";
            $this->log->write($by, ActKind::DrewLines, '', $point === null ? $said : "$point->slug: $said");
        }, 3);
    }
}
