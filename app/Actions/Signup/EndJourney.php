<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Models\SignupJourney;
use App\Support\SystemClock;
use Closure;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Consent\Journey;
use Juramen\Consent\JourneyEnd;
use Juramen\Register\Channel;

/** The one way in which a sign-up ends before it was confirmed, but for withdrawing: the step, the entries that say so, and what was kept goes. */
final class EndJourney
{
    public function __construct(
        private readonly Append $append, private readonly WaitingChannels $waiting, private readonly ForgetJourney $forget, private readonly SystemClock $clock
    ) {}

    /**
     * Ends one path of a sign-up, through the inbox or the number: what was to be confirmed through it.
     *
     * @param  Closure(Journey, Instant): ?Journey  $step
     * @param  Closure(Instant, Channel): JourneyEnd  $act  one for each channel that waits for it
     * @param  string  $why  what was kept is deleted, see new Erased()
     * @return bool whether it ended; ending twice changes nothing
     */
    public function path(SignupJourney $found, Closure $step, Closure $act, string $why): bool
    {
        return $this->end($found, $step, function (SignupJourney $journey, Instant $now, HeldChain $chain) use ($act): How {
            $how = How::Clock;
            foreach ($this->waiting->channels($journey) as $channel) {
                $ended = $act($now, $channel);
                ($this->append)($chain, $ended);
                $how = $ended->how;
            }

            return $how;
        }, $why);
    }

    /**
     * Ends a sign-up with all of its paths.
     *
     * @param  Closure(Journey, Instant): ?Journey  $step
     * @param  Closure(Instant): JourneyEnd  $act
     * @param  string  $why  what was kept is deleted, see new Erased()
     * @param  Closure(SignupJourney): void  $before  what is done first where the step is allowed, while everything is still there
     * @return bool whether it ended; ending twice changes nothing
     */
    public function whole(SignupJourney $found, Closure $step, Closure $act, string $why, Closure $before): bool
    {
        return $this->end($found, $step, function (SignupJourney $journey, Instant $now, HeldChain $chain) use ($step, $act, $before): How {
            $before($journey);
            $ended = $act($now);
            ($this->append)($chain, $ended);
            $others = SignupJourney::query()->where('consent', $journey->consent->bytes)->whereKeyNot($journey->id->bytes)->lockForUpdate()->get();
            foreach ($others as $other) {
                $other->follow($step($other->path(), $now));
            }

            return $ended->how;
        }, $why);
    }

    /**
     * @param  Closure(Journey, Instant): ?Journey  $step
     * @param  Closure(SignupJourney, Instant, HeldChain): How  $enter
     */
    private function end(SignupJourney $found, Closure $step, Closure $enter, string $why): bool
    {
        return DB::transaction(function () use ($found, $step, $enter, $why): bool {
            $chain = $this->append->hold($found->loadMissing('subscriber')->subscriber->subject);
            $journey = SignupJourney::query()->with('subscriber', 'edition')->whereKey($found->id->bytes)->lockForUpdate()->firstOrFail();
            $now = $this->clock->instant();
            $next = $step($journey->path(), $now);
            if ($next === null) {
                return false;
            }
            $how = $enter($journey, $now, $chain);
            $journey->follow($next);
            ($this->forget)($journey, $chain, $how, $why);

            return true;
        }, 5);
    }
}
