<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * An approved state of a record, as canonical JSON; never changed.
 *
 * @property int $id
 * @property int $record_id
 * @property int $number
 * @property Digest $digest
 * @property string $bytes
 * @property int $revision
 * @property int $approved_by
 * @property Instant $approved_at
 * @property string $comment
 * @property string $effective
 * @property-read Record $record
 * @property-read User $approver
 */
final class Edition extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['digest' => ValueCast::DIGEST, 'approved_at' => ValueCast::INSTANT];
    }

    /** @return array<string, mixed> what was approved */
    public function document(): array
    {
        return json_decode($this->bytes, true, 64, JSON_THROW_ON_ERROR)['document'];
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** @return BelongsTo<User, $this> */
    public function approver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'approved_by');
    }
}
