<?php

declare(strict_types=1);

namespace App\Queries\Desk;

use App\Casts\Instants;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;

/** Sign-ups of the last thirty days by what became of them. */
final class ThirtyDays
{
    private const DAYS = 30;

    public function __construct(private readonly SystemClock $clock) {}

    /** @return non-empty-list<DayOfSignups> the oldest first */
    public function __invoke(): array
    {
        $days = [];
        for ($ago = self::DAYS - 1; $ago > 0; $ago--) {
            $days[] = new DayOfSignups($this->clock->today()->plus(-$ago));
        }
        $days[] = new DayOfSignups($this->clock->today());
        $by = array_combine(array_map(static fn (DayOfSignups $d): string => $d->day->text, $days), $days);
        $since = Instants::write($this->clock->instant()->plusDays(-self::DAYS - 1));
        foreach (DB::table('journeys')->where('asked_at', '>', $since)->get(['asked_at', 'state']) as $row) {
            $fate = SignupFate::tryFrom($row->state) ?? SignupFate::Waiting;
            ($by[Moments::isoDay(Instants::read($row->asked_at))] ?? null)?->add($fate);
        }
        foreach (DB::table('held_submissions')->where('received_at', '>', $since)->pluck('received_at') as $at) {
            ($by[Moments::isoDay(Instants::read($at))] ?? null)?->add(SignupFate::Held);
        }

        return $days;
    }
}
