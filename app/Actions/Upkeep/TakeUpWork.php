<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Models\FailedWork;
use Illuminate\Contracts\Queue\Queue;
use Illuminate\Support\Facades\DB;

/** A person decides about work that failed: it is done again, or left. */
final class TakeUpWork
{
    public function __construct(private readonly Queue $queue) {}

    /** @return bool whether it was there; asked for twice, it is done once */
    public function again(string $uuid): bool
    {
        return DB::transaction(function () use ($uuid): bool {
            $work = FailedWork::query()->where('uuid', $uuid)->lockForUpdate()->first();
            if ($work === null) {
                return false;
            }
            $this->queue->pushRaw($work->payload);

            return $work->delete() === true;
        });
    }

    public function leave(string $uuid): bool
    {
        return FailedWork::query()->where('uuid', $uuid)->delete() === 1;
    }
}
