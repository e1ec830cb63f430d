<?php

declare(strict_types=1);

namespace App\Queries\Desk;

use App\Casts\Instants;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;

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
        $count = static function (Builder $query, string $at, string $state) use ($by, $since): void {
            // By quarters of hours, which no zone's day cuts.
            $quarters = "FLOOR(TO_SECONDS($at) / 900)";
            $counted = $query->where($at, '>', $since)->groupByRaw("$quarters, $state")->selectRaw("MIN($at) AS at, $state AS state, COUNT(*) AS n")->get();
            foreach ($counted as $row) {
                $stands = JourneyState::tryFrom((string) $row->state);
                $fate = $stands === null ? SignupFate::Held : SignupFate::of($stands);
                ($by[Moments::isoDay(Instants::read($row->at))] ?? null)?->add($fate, (int) $row->n);
            }
        };
        $count(DB::table('journeys')->where('besides', false)->where('found_spam', false), 'asked_at', 'state');
        $count(DB::table('held_submissions'), 'received_at', "'held'");

        return $days;
    }
}
