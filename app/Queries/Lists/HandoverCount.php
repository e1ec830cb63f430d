<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\Handover;
use App\Models\HandoverState;
use App\Support\Tally;
use Juramen\Canon\Instant;

/** Of how many people a destination has not acknowledged what is wanted, and since when it takes nobody. */
final readonly class HandoverCount
{
    /**
     * @param  Tally  $open  of whom it has not acknowledged yet what is wanted
     * @param  int  $failed  whom it refused
     * @param  Instant|null  $waitsSince  when the oldest of what waits for it was laid out
     * @param  string|null  $problem  why the newest try came to nothing
     */
    private function __construct(public Tally $open, public int $failed, public ?Instant $waitsSince, public ?string $problem) {}

    public static function of(string $destination): self
    {
        $all = Handover::query()->where('destination', $destination);
        $deliveries = Delivery::query()->where('kind', DeliveryKind::Handover)->whereIn('handover_id', $all->clone()->select('id'));
        $waiting = $deliveries->clone()->where('state', DeliveryState::Waiting)->whereNotNull('problem')->orderBy('made_at')->first();

        return new self(
            Tally::of($all->clone()->where('settled', false)->select('id'), Tally::BESIDE),
            $deliveries->clone()->where('state', DeliveryState::Failed)->count(), $waiting?->made_at, $waiting?->problem,
        );
    }

    /** How many people stand there, as it acknowledged. */
    public static function there(string $destination): Tally
    {
        return Tally::of(
            Handover::query()->where('destination', $destination)->whereIn('told', [HandoverState::In, HandoverState::Waiting])->select('id'), Tally::BESIDE
        );
    }

    /** Whether what waits has waited since before that moment. */
    public function waitedSince(Instant $moment): bool
    {
        return $this->waitsSince !== null && $moment->isAfter($this->waitsSince);
    }
}
