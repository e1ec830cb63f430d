<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Upkeep\CountDeletions;
use App\Casts\Instants;
use App\Models\SignupJourney;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Acts\Lapsed;
use Juramen\Consent\How;
use Juramen\Consent\JourneyState;
use Throwable;

/** Ends sign-ups that nobody confirmed in time, and deletes what was kept because of them. One that fails stops no other. */
final class LapseJourneys
{
    /** What those are counted as that should have lapsed and could not. */
    public const STUCK = 'sign-ups that could not lapse';

    public function __construct(
        private readonly Append $append,
        private readonly ForgetJourney $forget,
        private readonly CountDeletions $count,
        private readonly SystemClock $clock,
    ) {}

    /** @return int how many lapsed */
    public function __invoke(): int
    {
        [$count, $failed] = [0, 0];
        $due = SignupJourney::query()->whereIn('state', [JourneyState::Asked, JourneyState::Mailed])
            ->where('lapses_at', '<', Instants::write($this->clock->instant()))->orderBy('lapses_at')->limit(1000)->get();
        foreach ($due as $journey) {
            try {
                $count += DB::transaction(fn (): int => $this->lapse($journey), 5);
            } catch (Throwable $e) {
                if (++$failed === 1) {
                    QuietReport::write($e);
                }
            }
        }
        $this->count->add('lapsed sign-ups', $count);
        $this->count->set(self::STUCK, $failed);

        return $count;
    }

    private function lapse(SignupJourney $found): int
    {
        $chain = $this->append->hold($found->load('subscriber')->subscriber->subject);
        $journey = SignupJourney::query()->whereKey($found->id->bytes)->lockForUpdate()->firstOrFail();
        $now = $this->clock->instant();
        $next = $journey->path()->lapsed($now);
        if ($next === null) {
            return 0;
        }
        ($this->append)($chain, new Lapsed($now, $journey->id));
        $journey->follow($next);
        ($this->forget)($journey, $chain, How::Clock, 'lapsed');

        return 1;
    }
}
