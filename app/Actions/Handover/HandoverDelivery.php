<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\Delivery\DeliveryHandler;
use App\Actions\Delivery\Outbox;
use App\Actions\Delivery\Outcome;
use App\Models\Delivery;
use App\Models\DestinationFacts;
use App\Models\Handover;
use App\Models\HandoverState;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Points\Handover as WhatGoesOver;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\Destination;

/** Tells a destination how somebody stands on a list now, whatever it was that made us say so. */
final class HandoverDelivery implements DeliveryHandler
{
    public function __construct(
        private readonly RegistersInForce $inForce,
        private readonly ListService $service,
        private readonly DescribePerson $describe,
        private readonly Outbox $outbox,
        private readonly SystemClock $clock,
    ) {}

    public function attempt(Delivery $delivery): Outcome
    {
        // A worker lives long: what was approved since counts.
        $this->inForce->forget();
        $handover = Handover::query()->with('subscriber')->find($delivery->handover_id);
        $registers = $this->inForce->registers();
        $destination = $handover === null ? null : $registers->destinations->get($handover->destination);
        if ($handover === null || $destination === null) {
            return Outcome::refused('no-longer-wanted');
        }
        // One at a time for each person there, so that an older word cannot arrive behind a newer one.
        if (! self::taken($handover->id)) {
            return Outcome::notNow('another-in-hand');
        }
        try {
            return $this->tell($destination, $handover->refresh()->load('subscriber'), $registers, $delivery->idempotency_key);
        } finally {
            DB::select('SELECT RELEASE_LOCK(?)', ["handover-$handover->id"]);
        }
    }

    public function settled(Delivery $delivery, Outcome $outcome): void
    {
        $handover = $outcome->isAccepted() ? Handover::query()->lockForUpdate()->find($delivery->handover_id) : null;
        $state = HandoverState::tryFrom((string) $outcome->says);
        if ($handover === null || $state === null) {
            return;
        }
        $handover->update(['told' => $state, 'told_at' => $this->clock->instant(), 'settled' => $state->answers($handover->wanted)]);
        if (! $handover->settled) {
            // It changed while this was on its way.
            $this->outbox->toDestination($handover, "after $delivery->id");
        }
    }

    private function tell(Destination $destination, Handover $handover, Registers $registers, string $key): Outcome
    {
        if (! $handover->wanted) {
            $there = $this->describe->key($handover);
            $group = $destination->lists->get($handover->list)->group ?? '';

            // What never went over need not be taken back, and what has no group there any more went with it.
            return $group === '' ? Outcome::accepted(HandoverState::Out->value) : $this->service->drop($destination, $there->in($group), $key);
        }
        $list = $registers->lists->get($handover->list);
        if (! $destination->on || $list === null || ! $destination->lists->has($handover->list)) {
            return Outcome::refused('switched-off');
        }
        $goes = new WhatGoesOver(
            $destination, $registers, array_map(static fn (SheetOnFile $s): SheetDraft => $s->draft, $this->inForce->sheets()),
            DestinationFacts::serviceOf($handover->destination), $this->clock->today()
        );
        // What was in order when it was switched on may not be so any more: a contract has ended, a field there is gone.
        if ($goes->faults() !== []) {
            return Outcome::notNow('may-not-go-there');
        }
        $person = $this->describe->person($handover, $destination, $list);

        return $person === null ? Outcome::refused('no-longer-wanted') : $this->service->put($destination, $person, $key);
    }

    private static function taken(int $id): bool
    {
        return DB::scalar('SELECT GET_LOCK(?, 0)', ["handover-$id"]) === 1;
    }
}
