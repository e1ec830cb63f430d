<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\DeleteValues;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Models\KeptFile;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Consent\Through;
use Juramen\Log\Disclosure;

/**
 * Ends what a person agreed to, permitted or still waiting: all of it, or what is named. A sign-up that waited and so comes to nothing
 * is deleted as by lapse. Doing it again changes nothing.
 */
final class WithdrawConsent
{
    public function __construct(
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly ForgetJourney $forget,
        private readonly DeleteValues $delete,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  list<Target>|null  $named  what ends; everything where nothing is named
     * @return bool whether there was anything to withdraw
     */
    public function __invoke(Id $subject, How $how, ?array $named = null): bool
    {
        return $this->end($subject, $how, static fn (Permission $p): bool => $named === null || array_filter($named, $p->target->equals(...)) !== []);
    }

    /**
     * Ends what somebody told the house, as far as it was agreed to before that.
     *
     * @param  callable(Target): bool  $named
     */
    public function told(Id $subject, ToldWithdrawal $told, callable $named): bool
    {
        return $this->end($subject, $told->how, static fn (Permission $p): bool => $named($p->target) && $told->reaches($p), $told);
    }

    /** Ends whatever a program agreed to in somebody's name. */
    public function foundSpam(Id $subject, User $by): bool
    {
        return $this->end($subject, How::FoundSpam, static fn (Permission $p): bool => true, by: $by->named());
    }

    /**
     * @param  callable(Permission): bool  $named
     * @param  string|null  $by  who of the house says so
     */
    private function end(Id $subject, How $how, callable $named, ?ToldWithdrawal $told = null, ?string $by = null): bool
    {
        return DB::transaction(function () use ($subject, $how, $named, $told, $by): bool {
            $chain = $this->append->hold($subject);
            $ends = array_values(array_map(static fn (Permission $p): Target => $p->target, array_filter(
                Permissions::of($this->ledger->chain($subject))->all(),
                static fn (Permission $p): bool => ($p->stands() || $p->waits()) && $named($p),
            )));
            if ($ends === []) {
                return false;
            }
            $now = $this->clock->instant();
            $said = $told?->file === null ? [] : [Disclosure::make('file', $told->file->said())];
            $digests = array_map(static fn (Disclosure $d): Digest => $d->digest(), $said);
            $entry = ($this->append)($chain, new Withdrawn($told->at ?? $now, $how, $ends, $told->by ?? $by, $digests), $said);
            if ($told?->file !== null) {
                KeptFile::query()->create([
                    'subject' => $subject, 'entry' => $entry->id, 'name' => $told->file->name, 'type' => $told->file->type,
                    'bytes' => Crypt::encryptString($told->file->content),
                ]);
            }
            $this->delete->leaveAlone($subject);
            foreach ($this->comeToNothing($subject) as $journey) {
                $revoked = $journey->path()->revoked($now);
                $journey->follow($revoked ?? $journey->path()->withdrawn($now));
                if ($revoked === null) {
                    ($this->forget)($journey, $chain, $how, 'withdrawn');
                }
            }

            return true;
        }, 5);
    }

    /** @return list<SignupJourney> for which nothing waits any more, and on which no permission rests */
    private function comeToNothing(Id $subject): array
    {
        $holds = [];
        foreach (Permissions::of($this->ledger->chain($subject))->all() as $permission) {
            $through = Through::of($permission->target->channel)->value;
            $rests = array_map(static fn (Entry $e): string => $e->act->journey()?->hex() ?? '', $permission->stands() ? $permission->entries : []);
            foreach ([...$permission->pending->ids(), ...$rests] as $consent) {
                $holds["$consent $through"] = true;
            }
        }
        $subscriber = Subscriber::query()->where('subject', $subject->bytes)->firstOrFail();
        $standing = SignupJourney::query()->where('subscriber_id', $subscriber->id)
            ->whereIn('state', [JourneyState::Asked, JourneyState::Mailed, JourneyState::Confirmed])->lockForUpdate()->get();

        return array_values($standing->filter(static fn (SignupJourney $j): bool => ! isset($holds["{$j->consent->hex()} {$j->through->value}"]))->all());
    }
}
