<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Queue\Failed\DatabaseUuidFailedJobProvider;
use Throwable;

/** Keeps failed work with what failed, but without values that a message of the database may repeat. */
final class QuietFailedJobs extends DatabaseUuidFailedJobProvider
{
    /**
     * @param  string  $connection
     * @param  string  $queue
     * @param  string  $payload
     * @param  Throwable  $exception
     */
    public function log($connection, $queue, $payload, $exception): ?string
    {
        return $this->resolver->connection($this->database)->transaction(function () use ($connection, $queue, $payload, $exception): ?string {
            $uuid = parent::log($connection, $queue, $payload, $exception);
            $this->getTable()->where('uuid', $uuid)->update(['exception' => QuietReport::line($exception)]);

            return $uuid;
        });
    }
}
