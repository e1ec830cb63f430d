<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Actions\ActLog;
use App\Models\ActKind;
use App\Models\FailedWork;
use App\Models\User;
use Illuminate\Contracts\Queue\Queue;
use Illuminate\Support\Facades\DB;

/** A person decides about work that failed: it is done again, or left. */
final class TakeUpWork
{
    public function __construct(private readonly Queue $queue, private readonly ActLog $log) {}

    /** @return bool whether it was there; asked for twice, it is done once */
    public function again(string $uuid, User $by): bool
    {
        return DB::transaction(function () use ($uuid, $by): bool {
            $work = FailedWork::query()->where('uuid', $uuid)->lockForUpdate()->first();
            if ($work === null) {
                return false;
            }
            $this->queue->pushRaw($work->payload);
            $this->log->write($by, ActKind::DidWorkAgain);

            return $work->delete() === true;
        }, 3);
    }

    public function leave(string $uuid, User $by): bool
    {
        return DB::transaction(function () use ($uuid, $by): bool {
            if (FailedWork::query()->where('uuid', $uuid)->delete() !== 1) {
                return false;
            }
            $this->log->write($by, ActKind::LeftWork);

            return true;
        }, 3);
    }
}
