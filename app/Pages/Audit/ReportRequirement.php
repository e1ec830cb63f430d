<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A requirement in the catalogue of the report. */
final readonly class ReportRequirement
{
    public function __construct(public string $group, public string $title, public string $source, public string $kind, public string $sure) {}
}
