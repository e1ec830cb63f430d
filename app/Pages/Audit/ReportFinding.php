<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A finding in the report of an audit, with what was said of it by then. */
final readonly class ReportFinding
{
    public function __construct(
        public int $number, public string $verdict, public string $word, public string $requirement, public string $says, public string $words,
        public string $where, public string $source, public string $mend, public string $answered
    ) {}

    /** As many of its words as the report has room for. */
    public static function shown(string $words): string
    {
        return mb_strimwidth($words, 0, 300, '…');
    }
}
