<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Work of the queue that failed for good: what it was and why, without personal values.
 *
 * @property int $id
 * @property string $uuid
 * @property string $payload
 * @property string $exception
 * @property string $failed_at in UTC
 */
final class FailedWork extends Model
{
    public $timestamps = false;

    protected $table = 'failed_jobs';

    protected $guarded = [];
}
