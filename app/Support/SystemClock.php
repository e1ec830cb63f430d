<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;
use Psr\Clock\ClockInterface;

/** The time, as PSR-20 has it; tests set it through Carbon. */
final class SystemClock implements ClockInterface
{
    /** The office's zone where none is set. */
    public const OFFICE = 'Europe/Berlin';

    /** @param  ?DateTimeZone  $office  its zone, where there is no configuration to ask */
    public function __construct(private readonly ?DateTimeZone $office = null) {}

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
        return Day::at($this->instant(), $this->office ?? Moments::zone());
    }
}
