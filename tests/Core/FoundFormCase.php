<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Audit\Verdict;

/** A form as it was found, and what an auditor says of it. */
final readonly class FoundFormCase
{
    /** @param  array<string, Verdict>  $expected  findings by requirement */
    private function __construct(public string $name, public string $kind, public string $address, public array $expected, public string $html) {}

    /** @param  string  $block  a line of name, kind and address; lines of findings by verdict (B, W, O); the HTML */
    public static function from(string $block): self
    {
        [$head, $html] = explode("\n<", $block, 2);
        $lines = explode("\n", $head);
        [$name, $kind, $address] = array_map(trim(...), explode('|', array_shift($lines)));
        $expected = [];
        foreach ($lines as $line) {
            [$letter, $ids] = explode(':', $line, 2);
            foreach (array_map(trim(...), explode(',', $ids)) as $id) {
                $expected[$id] = ['B' => Verdict::Breach, 'W' => Verdict::Weakness, 'O' => Verdict::Open][$letter];
            }
        }

        return new self($name, $kind, $address, $expected, "<$html");
    }
}
