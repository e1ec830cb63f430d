<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\Consent\SuspendPerson;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\Subscriber;
use App\Models\Suspension;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Acts\Restored;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Consent\Target;

/** Writes the entries of those whom suspensions touch, some people at a time; whoever stops in the midst goes on where it stopped. */
final class CarryOut
{
    public function __construct(
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly SuspendPerson $suspendPerson,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  int  $most  people of whom entries are written
     * @return bool whether there may be more to do
     */
    public function __invoke(int $most = 200): bool
    {
        foreach (Suspension::query()->with('point', 'user')->whereNull('done_at')->orderBy('id')->get() as $suspension) {
            $most -= $this->suspend($suspension, $most);
        }
        $lifted = Suspension::query()->with('point')->whereNotNull('done_at')->whereNotNull('lifted_at')->whereNull('restored_at')->orderBy('id')->get();
        foreach ($lifted as $suspension) {
            $most -= $this->restore($suspension, $most);
        }

        return $most <= 0;
    }

    private function suspend(Suspension $suspension, int $most): int
    {
        // In their order, so that each is looked at once: whom the order touched, and who is suspended at this point for something else.
        $others = static fn (Builder $q): Builder => $q->select('subscriber_id')->from('suspended_subscribers')
            ->join('suspensions', 'suspensions.id', '=', 'suspended_subscribers.suspension_id')->where('point_id', $suspension->point_id)
            ->whereNull('suspended_subscribers.restored_at');
        $touched = self::numbers(DB::table('permissions')
            ->where(static fn (Builder $q): Builder => $q->where('point', $suspension->point->slug)->orWhereIn('subscriber_id', $others))
            ->where(static fn (Builder $q): Builder => $q->where('allowed', true)->orWhere('reason', Reason::Suspended->value))
            ->where('subscriber_id', '>', $suspension->reached)->distinct()->orderBy('subscriber_id')->limit(max(0, $most)));
        foreach ($touched as $id) {
            DB::transaction(function () use ($suspension, $id): void {
                $subscriber = Subscriber::query()->whereKey($id)->firstOrFail();
                ($this->suspendPerson)($this->append->hold($subscriber->subject), $subscriber, $suspension, $suspension->made_at);
                Suspension::query()->whereKey($suspension->id)->update(['reached' => $id]);
            }, 5);
        }
        if (count($touched) < $most) {
            $suspension->update(['done_at' => $this->clock->instant()]);
        }

        return count($touched);
    }

    private function restore(Suspension $suspension, int $most): int
    {
        $touched = self::numbers(DB::table('suspended_subscribers')->where('suspension_id', $suspension->id)->whereNull('restored_at')
            ->orderBy('subscriber_id')->limit(max(0, $most)));
        foreach ($touched as $id) {
            DB::transaction(function () use ($suspension, $id): void {
                $subject = Subscriber::query()->whereKey($id)->firstOrFail()->subject;
                $chain = $this->append->hold($subject);
                $held = array_filter(
                    Permissions::of($this->ledger->chain($subject))->all(),
                    static fn (Permission $p): bool => $p->reason === Reason::Suspended && SuspendPerson::holds($suspension, $p)
                );
                $targets = array_values(array_map(static fn (Permission $p): Target => $p->target, $held));
                if ($targets !== []) {
                    ($this->append)($chain, new Restored(
                        $this->clock->instant(), $targets, $suspension->suspension, 'a second officer: '.mb_substr($suspension->lift_reason, 0, 200)
                    ));
                }
                DB::table('suspended_subscribers')->where('suspension_id', $suspension->id)->where('subscriber_id', $id)
                    ->update(['restored_at' => Instants::write($this->clock->instant())]);
            }, 5);
        }
        if (count($touched) < $most) {
            $suspension->update(['restored_at' => $this->clock->instant()]);
        }

        return count($touched);
    }

    /** @return list<int> ids of subscribers */
    private static function numbers(Builder $query): array
    {
        return array_map(Stored::number(...), array_values($query->pluck('subscriber_id')->all()));
    }
}
