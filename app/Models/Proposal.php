<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;

/**
 * A revision that somebody submitted for approval, and what was decided.
 *
 * @property int $id
 * @property int $record_id
 * @property int $revision
 * @property int $submitted_by
 * @property Instant $submitted_at
 * @property string $comment
 * @property Decided|null $decision
 * @property int|null $decided_by
 * @property Instant|null $decided_at
 * @property string $reply
 * @property-read Record $record
 * @property-read User $submitter
 * @property-read User|null $decider
 */
final class Proposal extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['decision' => Decided::class, 'submitted_at' => ValueCast::INSTANT, 'decided_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** @return BelongsTo<User, $this> */
    public function submitter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'submitted_by');
    }

    /** @return BelongsTo<User, $this> */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(User::class, 'decided_by');
    }
}
