<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\Delivery\Outbox;
use App\Models\Handover;
use App\Models\Subscriber;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Collection;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Entry;
use Juramen\Consent\JourneyEnd;
use Juramen\Consent\OnList;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Points\Registers;

/**
 * Says, in the transaction of the entry that changes it, which destinations are to hear of a person: whoever came onto a list that goes there,
 * left one, or has other details now.
 */
final class FollowLists
{
    public function __construct(private readonly RegistersInForce $inForce, private readonly Outbox $outbox, private readonly SystemClock $clock) {}

    public function __invoke(Entry $entry, Permissions $permissions): void
    {
        $act = $entry->act;
        $permitted = array_filter($permissions->all(), static fn (Permission $p): bool => $p->allowed()) !== [];
        $ends = $act instanceof Withdrawn || $act instanceof JourneyEnd;
        // What merely waits, or was asked, changes nothing anywhere; most sign-ups end here.
        if ((! $permitted && ! $ends) || $act instanceof ConfirmationSent) {
            return;
        }
        $subscriber = Subscriber::query()->where('subject', $entry->subject->bytes)->firstOrFail();
        $known = Handover::query()->where('subscriber_id', $subscriber->id)->get();
        if ($permitted || $known->isNotEmpty()) {
            $this->follow($subscriber, $permissions, $known, $entry->id->hex(), ! $ends);
        }
    }

    /**
     * @param  Collection<int, Handover>  $known  what is on file of this person already
     * @param  string  $occasion  on which it is said
     * @param  bool  $again  whether somebody who was on a list before is told of anew, since their details may have changed
     * @param  int  $ahead  seconds by which it lets others go first
     */
    public function follow(Subscriber $subscriber, Permissions $permissions, Collection $known, string $occasion, bool $again, int $ahead = 0): void
    {
        $registers = $this->inForce->registers();
        $now = $this->clock->instant();
        foreach ($this->ways($registers, $known) as $way) {
            $list = $registers->lists->get($way->list);
            $on = $list !== null && (new OnList($list))->by($permissions) !== null;
            $handover = $known->first(static fn (Handover $h): bool => $h->destination === $way->destination && $h->list === $way->list);
            // A destination that is switched off, or that a list no longer goes to, hears of endings alone.
            $wanted = $on && ($way->leads || $handover?->wanted === true);
            if ($handover === null && ! $wanted) {
                continue;
            }
            $same = $handover?->wanted === $wanted;
            if ($same && ! ($wanted && $again && $way->leads)) {
                continue;
            }
            $handover ??= Handover::query()->make(['subscriber_id' => $subscriber->id, 'destination' => $way->destination, 'list' => $way->list]);
            $handover->fill($same ? [] : ['wanted' => $wanted, 'wanted_at' => $now, 'settled' => $handover->told?->answers($wanted) === true])->save();
            $this->outbox->toDestination($handover, $occasion, $ahead);
        }
    }

    /**
     * @param  Collection<int, Handover>  $known
     * @return list<Way> from lists to destinations: those in use, and those by which this person went once
     */
    private function ways(Registers $registers, Collection $known): array
    {
        $ways = [];
        foreach (Way::inUse($registers) as $way) {
            $ways[$way->name()] = $way;
        }
        foreach ($known as $handover) {
            $way = new Way($handover->list, $handover->destination, false);
            $ways[$way->name()] ??= $way;
        }

        return array_values($ways);
    }
}
