<?php

declare(strict_types=1);

namespace App\Pages\Flow;

use Juramen\Consent\Interval;

/** One of two wordings, in figures. */
final readonly class TrialRow
{
    private const WIDTH = 220;

    public function __construct(
        public string $name, public int $people, public int $confirmed, public string $rate, private Interval $interval, public int $withdrawn,
        public string $withdrawal
    ) {}

    /** From where to where its rate lies, in a hundred. */
    public function bounds(): string
    {
        return round(100 * $this->interval->from).' to '.round(100 * $this->interval->to).' %';
    }

    /** Where the drawn interval begins, of a line of 220. */
    public function from(): float
    {
        return round($this->interval->from * self::WIDTH, 1);
    }

    public function to(): float
    {
        return round($this->interval->to * self::WIDTH, 1);
    }

    public function at(): float
    {
        return round(($this->people === 0 ? 0.5 : $this->confirmed / $this->people) * self::WIDTH, 1);
    }
}
