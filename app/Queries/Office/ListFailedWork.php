<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\FailedWork;

/** Work that failed for good, the newest first. */
final class ListFailedWork
{
    private const MOST = 500;

    /** @return list<FailedWork> */
    public function __invoke(): array
    {
        return array_values(FailedWork::query()->orderByDesc('id')->limit(self::MOST)->get()->all());
    }
}
