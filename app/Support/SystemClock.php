<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;
use Psr\Clock\ClockInterface;

/** The time, as PSR-20 has it; tests set it through Carbon. */
final class SystemClock implements ClockInterface
{
    public function now(): DateTimeImmutable
    {
        return CarbonImmutable::now('UTC')->toDateTimeImmutable();
    }

    public function instant(): Instant
    {
        return Instant::of($this->now());
    }

    /** The day that it is in the office. */
    public function today(): Day
    {
        return Day::at($this->instant(), Moments::zone());
    }
}
