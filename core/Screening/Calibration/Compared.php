<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

use Juramen\Screening\Signal;

/** What a signal weighs now and would weigh, and among how many of what was decided it was noticed. */
final readonly class Compared
{
    public function __construct(public Signal $signal, public float $before, public float $after, public int $spam, public int $ham) {}
}
