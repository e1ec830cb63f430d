<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\Handover;
use App\Models\HandoverState;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Canon\Instant;

/** How many people a destination has acknowledged, of how many it has not, and since when it takes nobody. */
final readonly class HandoverCount
{
    /**
     * @param  int  $open  of whom it has not acknowledged yet what is wanted
     * @param  Instant|null  $waitsSince  when the oldest of what waits for it was laid out
     * @param  string|null  $problem  why the newest try came to nothing
     */
    private function __construct(public int $there, public int $open, public int $failed, public ?Instant $waitsSince, public ?string $problem) {}

    public static function of(string $destination): self
    {
        $all = Handover::query()->where('destination', $destination);
        $unsettled = $all->clone()->where(static fn (Builder $q) => $q->whereNull('told')
            ->orWhere(static fn (Builder $o) => $o->where('wanted', true)->where('told', HandoverState::Out))
            ->orWhere(static fn (Builder $o) => $o->where('wanted', false)->where('told', '<>', HandoverState::Out)));
        $deliveries = Delivery::query()->where('kind', DeliveryKind::Handover)->whereIn('handover_id', $all->clone()->select('id'));
        $waiting = $deliveries->clone()->where('state', DeliveryState::Waiting)->whereNotNull('problem')->orderBy('made_at')->first();

        return new self(
            $all->clone()->whereIn('told', [HandoverState::In, HandoverState::Waiting])->count(), $unsettled->count(),
            $deliveries->clone()->where('state', DeliveryState::Failed)->count(), $waiting?->made_at, $waiting?->problem,
        );
    }

    /** Whether what waits has waited since before that moment. */
    public function waitedSince(Instant $moment): bool
    {
        return $this->waitsSince !== null && $moment->isAfter($this->waitsSince);
    }
}
