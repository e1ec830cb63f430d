<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\DeliveryState;
use App\Support\Tally;

/** How many deliveries stand in a state. */
final readonly class DeliveryCount
{
    public function __construct(public DeliveryState $state, public Tally $count) {}
}
