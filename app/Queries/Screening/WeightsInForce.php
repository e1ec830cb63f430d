<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\AdoptedWeights;
use Juramen\Screening\Weights;

/** What each signal weighs now; ours until somebody has adopted others. */
final class WeightsInForce
{
    public function adopted(): ?AdoptedWeights
    {
        return AdoptedWeights::query()->orderByDesc('id')->first();
    }

    public function weights(): Weights
    {
        return $this->adopted()?->weights() ?? Weights::ours();
    }
}
