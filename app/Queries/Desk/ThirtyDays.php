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
    public const WHAT = ['confirmed', 'waiting', 'lapsed', 'withdrawn', 'held'];

    public function __construct(private readonly SystemClock $clock) {}

    /** @return array<string, array<string, int>> day like 2026-11-25 to counts, oldest first */
    public function __invoke(): array
    {
        $days = [];
        for ($ago = 29; $ago >= 0; $ago--) {
            $days[$this->clock->instant()->plusDays(-$ago)->utc->setTimezone(Moments::zone())->format('Y-m-d')] = array_fill_keys(self::WHAT, 0);
        }
        $since = Instants::write($this->clock->instant()->plusDays(-31));
        foreach (DB::table('journeys')->where('asked_at', '>', $since)->get(['asked_at', 'state']) as $row) {
            $day = Instants::read($row->asked_at)->utc->setTimezone(Moments::zone())->format('Y-m-d');
            if (isset($days[$day])) {
                $days[$day][in_array($row->state, ['asked', 'mailed'], true) ? 'waiting' : $row->state]++;
            }
        }
        foreach (DB::table('held_submissions')->where('received_at', '>', $since)->pluck('received_at') as $at) {
            $day = Instants::read($at)->utc->setTimezone(Moments::zone())->format('Y-m-d');
            if (isset($days[$day])) {
                $days[$day]['held']++;
            }
        }

        return $days;
    }
}
