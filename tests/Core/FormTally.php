<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Audit\Reading;
use Juramen\Audit\Verdict;

/** What an audit found of what it should, by requirement. */
final class FormTally
{
    /** @var array<string, array{expected: int, found: int, clear: int, accused: int}> */
    private array $by = [];

    /** @var list<string> */
    public array $misses = [];

    public function kind(FoundFormCase $form, Reading $reading): void
    {
        if ($reading->kind->value !== $form->kind) {
            $this->misses[] = "$form->name: taken for {$reading->kind->value}, is $form->kind";
        }
    }

    /** A finding counts at its verdict or a stronger one. */
    public function add(FoundFormCase $form, string $id, ?Verdict $expected, Verdict $found): void
    {
        $row = $this->by[$id] ??= ['expected' => 0, 'found' => 0, 'clear' => 0, 'accused' => 0];
        if ($expected !== null) {
            $row['expected']++;
            $row['found'] += (int) ($found->urgency() <= $expected->urgency());
        } else {
            $row['clear']++;
            $row['accused'] += (int) $found->isFinding();
        }
        if ($expected === null ? $found->isFinding() : $found->urgency() > $expected->urgency()) {
            $this->misses[] = "$form->name: $id is {$found->value}, not ".($expected->value ?? 'a finding');
        }
        $this->by[$id] = $row;
    }

    /** Share of the expected findings that were found. */
    public function found(): float
    {
        return $this->sum('found') / max(1, $this->sum('expected'));
    }

    /** Share of the clear ones that were reported. */
    public function accused(): float
    {
        return $this->sum('accused') / max(1, $this->sum('clear'));
    }

    public function table(): string
    {
        $lines = [sprintf('%-24s%10s%8s%8s%10s', 'requirement', 'expected', 'found', 'clear', 'reported')];
        foreach ($this->by as $id => $row) {
            $lines[] = sprintf('%-24s%10d%8d%8d%10d', $id, $row['expected'], $row['found'], $row['clear'], $row['accused']);
        }
        $lines[] = sprintf(
            '%-24s%10d%8d%8d%10d   %.1f %% found, %.1f %% of the clear reported', 'all', $this->sum('expected'), $this->sum('found'), $this->sum('clear'),
            $this->sum('accused'), 100 * $this->found(), 100 * $this->accused()
        );

        return implode("\n", $lines);
    }

    private function sum(string $column): int
    {
        return array_sum(array_column($this->by, $column));
    }
}
