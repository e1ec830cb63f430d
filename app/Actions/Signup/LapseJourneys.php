<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Upkeep\CountDeletions;
use App\Casts\Instants;
use App\Models\SignupJourney;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Lapsed;
use Juramen\Consent\Journey;
use Juramen\Consent\JourneyState;
use Juramen\Register\Channel;
use Throwable;

/** Ends sign-ups that nobody confirmed in time, and deletes what was kept because of them. One that fails stops no other. */
final class LapseJourneys
{
    /** What those are counted as that should have lapsed and could not. */
    public const STUCK = 'sign-ups that could not lapse';

    public function __construct(
        private readonly EndJourney $end, private readonly CountDeletions $count, private readonly SystemClock $clock
    ) {}

    /** @return int how many lapsed */
    public function __invoke(): int
    {
        [$count, $failed] = [0, 0];
        $due = SignupJourney::query()->whereIn('state', [JourneyState::Asked, JourneyState::Mailed])
            ->where('lapses_at', '<', Instants::write($this->clock->instant()))->orderBy('lapses_at')->limit(1000)->get();
        foreach ($due as $journey) {
            try {
                $count += (int) $this->end->path(
                    $journey, static fn (Journey $path, Instant $now): ?Journey => $path->lapsed($now),
                    static fn (Instant $now, Channel $through): Lapsed => new Lapsed($now, $journey->consent, $through), 'lapsed',
                );
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
}
