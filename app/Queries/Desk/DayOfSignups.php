<?php

declare(strict_types=1);

namespace App\Queries\Desk;

use Juramen\Canon\Day;

/** The sign-ups of a day by what became of them. */
final class DayOfSignups
{
    /** @var array<string, int> by fate */
    private array $counts = [];

    public function __construct(public readonly Day $day) {}

    public function add(SignupFate $fate, int $count): void
    {
        $this->counts[$fate->value] = $this->of($fate) + $count;
    }

    public function of(SignupFate $fate): int
    {
        return $this->counts[$fate->value] ?? 0;
    }

    public function all(): int
    {
        return array_sum($this->counts);
    }
}
