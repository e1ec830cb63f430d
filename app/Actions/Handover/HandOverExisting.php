<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Models\Handover;
use App\Models\Subscriber;
use App\Queries\Registers\RegistersInForce;
use App\Support\Tally;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Consent\Permissions;

/**
 * Whoever was on a list before it went to a destination, or before its rule was changed, is handed over, or taken back, in batches. It goes on
 * where it stopped, and may run twice or beside itself: under the lock of a person's chain the same thing is said once.
 */
final class HandOverExisting
{
    private const AT_ONCE = 200;

    /** Seconds by which each of a batch lets others go first, so that withdrawals are not behind a crowd. */
    private const BEHIND = 30;

    public function __construct(
        private readonly RegistersInForce $inForce, private readonly LedgerTables $ledger, private readonly Append $append, private readonly FollowLists $follow
    ) {}

    /** @return int how many people were looked at */
    public function __invoke(int $most = 2000): int
    {
        $this->inForce->forget();
        $looked = 0;
        foreach ($this->ways() as $way) {
            while ($looked < $most && ($count = $this->batch($way)) > 0) {
                $looked += $count;
            }
        }

        return $looked;
    }

    /** Of how many people it is not yet looked at whether they go to a destination, or come back from it. */
    public function left(string $destination): Tally
    {
        $left = new Tally(0);
        foreach (array_filter($this->ways(), static fn (Way $way): bool => $way->destination === $destination) as $way) {
            $pass = DB::table('handover_passes')->where(['destination' => $destination, 'list' => $way->list, 'by' => $this->saidBy($way)->bytes])->first();
            if (! ($pass->done ?? false)) {
                $left = $left->plus(Tally::of($this->after($way, (int) ($pass->reached ?? 0))->select('id'), Tally::BESIDE));
            }
        }

        return $left;
    }

    /** @return list<Way> those in use, and those by which anybody went once */
    private function ways(): array
    {
        $ways = [];
        foreach (Way::inUse($this->inForce->registers()) as $way) {
            $ways[$way->name()] = $way;
        }
        foreach (Handover::query()->select('destination', 'list')->where('wanted', true)->distinct()->get() as $once) {
            $way = new Way($once->list, $once->destination, false);
            $ways[$way->name()] ??= $way;
        }

        return array_values($ways);
    }

    private function batch(Way $way): int
    {
        $place = ['destination' => $way->destination, 'list' => $way->list];
        $by = $this->saidBy($way);
        DB::table('handover_passes')->insertOrIgnore([...$place, 'by' => $by->bytes]);
        DB::table('handover_passes')->where($place)->where('by', '<>', $by->bytes)->update(['by' => $by->bytes, 'reached' => 0, 'done' => false]);
        $pass = DB::table('handover_passes')->where($place)->first();
        if ($pass === null || $pass->done) {
            return 0;
        }
        $reached = (int) $pass->reached;
        $people = $this->after($way, $reached)->orderBy('id')->limit(self::AT_ONCE)->get();
        foreach ($people as $subscriber) {
            $this->one($subscriber, $by);
        }
        $last = $people->last()->id ?? $reached;
        DB::table('handover_passes')->where($place)->where('by', $by->bytes)->where('reached', '<=', $last)
            ->update(['reached' => $last, 'done' => $people->count() < self::AT_ONCE]);

        return $people->count();
    }

    private function one(Subscriber $subscriber, Digest $by): void
    {
        DB::transaction(function () use ($subscriber, $by): void {
            $this->append->hold($subscriber->subject);
            $known = Handover::query()->where('subscriber_id', $subscriber->id)->get();
            $permissions = Permissions::of($this->ledger->chain($subscriber->subject));
            $this->follow->follow($subscriber, $permissions, $known, 'by '.substr($by->hex(), 0, 16), false, self::BEHIND);
        }, 3);
    }

    /** @return Builder<Subscriber> those who may be on the list, or were handed over by this way, and come after one of them */
    private function after(Way $way, int $id): Builder
    {
        $list = $this->inForce->registers()->lists->get($way->list);
        $permitted = DB::table('permissions')->select('subscriber_id')->where('purpose', $list->purpose->text ?? '')
            ->where('channel', $list->channel->value ?? '')->where('allowed', true)->where('subscriber_id', '>', $id);
        $known = Handover::query()->select('subscriber_id')->where('destination', $way->destination)->where('list', $way->list)
            ->where('subscriber_id', '>', $id);

        return Subscriber::query()->whereIn('id', $permitted)->orWhereIn('id', $known->toBase());
    }

    /** Names what says who goes: the list's rule, and that the way is in use. */
    private function saidBy(Way $way): Digest
    {
        $registers = $this->inForce->registers();
        $rule = $registers->lists->get($way->list)?->document()->only('purpose', 'channel', 'confirmed', 'statements', 'points', 'languages')->json() ?? '';
        $there = $way->leads ? $registers->destinations->get($way->destination)?->lists->get($way->list)?->document()->json() ?? '' : '';

        return Digest::of("$rule $there");
    }
}
