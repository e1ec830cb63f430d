<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\DrawnLines;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** The lines by which submissions are judged now; ours until somebody has drawn others. */
final class LinesInForce
{
    public function drawn(): ?DrawnLines
    {
        return DrawnLines::query()->orderByDesc('id')->first();
    }

    public function lines(): Lines
    {
        return $this->drawn()?->lines() ?? Lines::ours();
    }

    public function costs(): Costs
    {
        return $this->drawn()?->costs() ?? new Costs;
    }
}
