<?php

declare(strict_types=1);

namespace App\Pages\Lists;

use App\Models\Handover;
use App\Models\HandoverState;
use App\Support\Moments;
use Juramen\Points\Registers;

/** How somebody stands at a destination, in words. */
final class HandoverWords
{
    public static function of(Handover $handover, Registers $registers): string
    {
        $name = $registers->destinations->get($handover->destination)->name ?? ucfirst(str_replace('-', ' ', $handover->destination));
        $told = $handover->told_at === null ? '' : ', acknowledged '.Moments::exact($handover->told_at);
        $wanted = Moments::exact($handover->wanted_at);

        return "$name: ".match (true) {
            ! $handover->settled && $handover->wanted => "to be handed over since $wanted",
            ! $handover->settled => "to be taken off since $wanted".($told === '' ? '' : "$told before that"),
            $handover->told === HandoverState::Waiting => "handed over; it asks them to confirm once more$told",
            $handover->wanted => "handed over$told",
            default => "taken off$told",
        };
    }
}
