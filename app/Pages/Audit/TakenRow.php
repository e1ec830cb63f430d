<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\TakenAudit;
use App\Support\Moments;
use Juramen\Audit\Audit;
use Juramen\Audit\Verdict;

/** An audit in the list of those that were taken. */
final readonly class TakenRow
{
    public function __construct(
        public int $id, public string $day, public string $by, public string $scope, public int $forms, public int $breaches, public int $weaknesses,
        public int $open, public string $digest
    ) {}

    public static function of(TakenAudit $taken, Audit $audit): self
    {
        return new self(
            $taken->id, Moments::minute($taken->taken_at), $taken->user->name ?? 'the clock', $taken->scope, count($audit->forms),
            $audit->count(Verdict::Breach), $audit->count(Verdict::Weakness), $audit->count(Verdict::Open), $taken->digest->hex()
        );
    }

    public function sum(): string
    {
        return "taken by $this->by: $this->forms forms, $this->breaches breaches, $this->weaknesses weaknesses, $this->open questions";
    }
}
