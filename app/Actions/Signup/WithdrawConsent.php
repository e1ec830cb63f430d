<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Models\Journey;
use App\Models\Subscriber;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Act;
use Juramen\Consent\How;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;

/** Ends everything a person agreed to, permitted or still waiting. Doing it again changes nothing. */
final class WithdrawConsent
{
    public function __construct(private readonly Append $append, private readonly LedgerTables $ledger, private readonly SystemClock $clock) {}

    /** @return bool whether there was anything to withdraw */
    public function __invoke(Id $subject, How $how): bool
    {
        return DB::transaction(function () use ($subject, $how): bool {
            $this->append->lock($subject);
            $permissions = Permissions::of($this->ledger->chain($subject))->all();
            $open = array_filter($permissions, static fn (Permission $p): bool => $p->allowed() || $p->pending !== []);
            if ($open === []) {
                return false;
            }
            $now = $this->clock->instant();
            ($this->append)($subject, Act::withdrawn($now, $how, array_values(array_map(static fn (Permission $p) => $p->target, $open))));
            $subscriber = Subscriber::query()->where('subject', $subject->bytes)->firstOrFail();
            foreach (Journey::query()->where('subscriber_id', $subscriber->id)->whereIn('state', [JourneyState::Asked, JourneyState::Mailed])->lockForUpdate()->get() as $journey) {
                $journey->update(['state' => $journey->machine()->withdrawn()->state ?? $journey->state, 'ended_at' => $now]);
            }

            return true;
        }, 5);
    }
}
