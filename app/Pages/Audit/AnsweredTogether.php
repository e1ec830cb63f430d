<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** Findings of which the same was said, for the same reason. */
final readonly class AnsweredTogether
{
    /** @param  list<ReportFinding>  $findings */
    private function __construct(public string $said, public array $findings) {}

    /**
     * @param  list<ReportFinding>  $findings
     * @return list<self>
     */
    public static function all(array $findings): array
    {
        $by = [];
        foreach ($findings as $finding) {
            if ($finding->answered !== '') {
                $by[$finding->answered][] = $finding;
            }
        }

        return array_map(static fn (string $said, array $all): self => new self($said, $all), array_map(strval(...), array_keys($by)), array_values($by));
    }
}
