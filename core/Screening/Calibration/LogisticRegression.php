<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

/**
 * Finds the coefficients under which examples are likeliest, each held back towards where it began. Source: penalised maximum likelihood by
 * Newton's steps (iteratively reweighted least squares), Hastie, Tibshirani and Friedman, The Elements of Statistical Learning, section 4.4.
 */
final readonly class LogisticRegression
{
    private const STEPS = 50;

    private const CLOSE = 1e-9;

    private const HALVED = 30;

    /**
     * @param  list<float>  $from  where each coefficient begins; the first is the constant
     * @param  list<float>  $hold  how strongly each is held back, by half the square of its distance; 0 for not at all
     */
    public function __construct(private array $from, private array $hold) {}

    /**
     * @param  list<Example>  $examples
     * @return list<float> the constant, then a coefficient for each thing seen
     */
    public function fit(array $examples): array
    {
        $now = $this->from;
        for ($step = 0; $step < self::STEPS; $step++) {
            $by = $this->step($examples, $now);
            $to = self::plus($now, $by);
            // Where a whole step leads too far, half of it is taken, and half of that.
            for ($halved = 0; $halved < self::HALVED && $this->loss($examples, $to) > $this->loss($examples, $now); $halved++) {
                $by = array_map(static fn (float $b): float => $b / 2, $by);
                $to = self::plus($now, $by);
            }
            $now = $to;
            if (array_filter($by, static fn (float $b): bool => abs($b) >= self::CLOSE) === []) {
                break;
            }
        }

        return $now;
    }

    /**
     * @param  list<float>  $with  coefficients, the constant first
     * @param  list<float>  $seen
     * @return float 0 to 1
     */
    public static function chance(array $with, array $seen): float
    {
        $sum = $with[0] ?? 0.0;
        foreach ($seen as $i => $amount) {
            $sum += ($with[$i + 1] ?? 0.0) * $amount;
        }

        return 1 / (1 + exp(-$sum));
    }

    /**
     * What is made small: the logarithmic loss and what holds the coefficients back.
     *
     * @param  list<Example>  $examples
     * @param  list<float>  $with
     */
    private function loss(array $examples, array $with): float
    {
        $loss = 0.0;
        foreach ($this->hold as $i => $hold) {
            $loss += $hold / 2 * ($with[$i] - $this->from[$i]) ** 2;
        }
        foreach ($examples as $example) {
            $chance = self::chance($with, $example->seen);
            $loss -= log(max(1e-300, $example->is ? $chance : 1 - $chance));
        }

        return $loss;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function plus(array $a, array $b): array
    {
        return array_map(static fn (float $x, float $y): float => $x + $y, $a, $b);
    }

    /**
     * @param  list<Example>  $examples
     * @param  list<float>  $now
     * @return list<float> by how much each coefficient changes
     */
    private function step(array $examples, array $now): array
    {
        $size = count($now);
        $slope = $curve = [];
        foreach ($this->hold as $i => $hold) {
            $slope[$i] = $hold * ($this->from[$i] - $now[$i]);
            $curve[$i] = array_fill(0, $size, 0.0);
            // A trace of curvature keeps what no example shows where it is.
            $curve[$i][$i] = max($hold, 1e-9);
        }
        foreach ($examples as $example) {
            $chance = self::chance($now, $example->seen);
            $seen = [1.0, ...$example->seen];
            $here = array_keys(array_filter($seen, static fn (float $amount): bool => $amount !== 0.0));
            foreach ($here as $i) {
                $slope[$i] += ((float) $example->is - $chance) * $seen[$i];
                foreach ($here as $j) {
                    $curve[$i][$j] += $chance * (1 - $chance) * $seen[$i] * $seen[$j];
                }
            }
        }

        return self::solve($curve, $slope);
    }

    /**
     * Gauss's elimination with the largest pivot.
     *
     * @param  array<int, array<int, float>>  $rows  of a square matrix that can be inverted
     * @param  array<int, float>  $right
     * @return list<float>
     */
    private static function solve(array $rows, array $right): array
    {
        $size = count($right);
        for ($at = 0; $at < $size; $at++) {
            $pivot = $at;
            for ($row = $at + 1; $row < $size; $row++) {
                $pivot = abs($rows[$row][$at]) > abs($rows[$pivot][$at]) ? $row : $pivot;
            }
            [$rows[$at], $rows[$pivot], $right[$at], $right[$pivot]] = [$rows[$pivot], $rows[$at], $right[$pivot], $right[$at]];
            for ($row = $at + 1; $row < $size; $row++) {
                $times = $rows[$row][$at] / $rows[$at][$at];
                for ($column = $at; $column < $size; $column++) {
                    $rows[$row][$column] -= $times * $rows[$at][$column];
                }
                $right[$row] -= $times * $right[$at];
            }
        }
        $solved = array_fill(0, $size, 0.0);
        for ($row = $size - 1; $row >= 0; $row--) {
            $rest = $right[$row];
            for ($column = $row + 1; $column < $size; $column++) {
                $rest -= $rows[$row][$column] * $solved[$column];
            }
            $solved[$row] = $rest / $rows[$row][$row];
        }

        return array_values($solved);
    }
}
