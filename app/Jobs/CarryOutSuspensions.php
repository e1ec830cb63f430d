<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Audit\CarryOut;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Writes what suspensions do to people, batch after batch; the clock looks after what a stopped one left. */
final class CarryOutSuspensions implements ShouldQueue
{
    use Queueable;

    public function handle(CarryOut $carryOut): void
    {
        if ($carryOut()) {
            self::dispatch();
        }
    }
}
