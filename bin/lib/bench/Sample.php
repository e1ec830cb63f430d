<?php

declare(strict_types=1);

namespace Bench;

/** What several rounds measured of one thing. */
final readonly class Sample
{
    /** @param  non-empty-list<float>  $values */
    private function __construct(public array $values) {}

    /** @param  non-empty-list<float>  $values */
    public static function of(array $values): self
    {
        sort($values);

        return new self($values);
    }

    public function median(): float
    {
        return $this->at(0.5);
    }

    /** @param  float  $share  0 to 1 */
    public function at(float $share): float
    {
        return $this->values[(int) min(count($this->values) - 1, floor($share * count($this->values)))];
    }

    public function least(): float
    {
        return $this->values[0];
    }

    public function most(): float
    {
        return $this->values[count($this->values) - 1];
    }

    /** Round by round, how one side is to the other. */
    public static function ratios(array $ours, array $theirs): self
    {
        return self::of(array_map(static fn (float $a, float $b): float => $a / $b, $ours, $theirs));
    }
}
