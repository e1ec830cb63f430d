<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\AssessedSubmission;
use Juramen\Screening\Calibration\Decided;

/** What people decided of what screening noticed, as long as it is kept. */
final class ReadDecisions
{
    /** The newest that are learned from. */
    private const MOST = 5000;

    /** @return list<Decided> */
    public function __invoke(): array
    {
        return AssessedSubmission::query()->whereNotNull('decided')->orderByDesc('id')->limit(self::MOST)->get(['id', 'signals', 'decided'])
            ->map(static fn (AssessedSubmission $a): Decided => Decided::of($a->signals, $a->decided === AssessedSubmission::SPAM))->values()->all();
    }
}
