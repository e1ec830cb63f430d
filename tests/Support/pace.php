<?php

declare(strict_types=1);

/* How long something takes, where the whole suite runs on the machine meanwhile. */

/**
 * Milliseconds that the processor worked for it in this process, not those of the clock: whatever else the machine does is not counted.
 * What another process does for it is not counted either: how often it is asked is counted beside this.
 */
function spent(callable $work): float
{
    $used = static function (): float {
        $usage = getrusage() ?: throw new LogicException('The system keeps no account.');

        return 1e3 * ($usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec']) + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e3;
    };
    $began = $used();
    $work();

    return $used() - $began;
}
