<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * A signup point; its subject names its chain in the ledger.
 *
 * @property int $id
 * @property string $slug
 * @property Id $subject
 * @property int $controller_id
 * @property int $record_id
 * @property Instant|null $paused_at
 * @property-read RegisteredController $controller
 * @property-read Record $record
 * @property-read PublishedEdition|null $current
 */
final class Point extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => ValueCast::ID, 'paused_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<RegisteredController, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(RegisteredController::class);
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** The newest revision of its sheet. */
    public function newest(): Revision
    {
        return Revision::query()->where('record_id', $this->record_id)->orderByDesc('number')->firstOrFail();
    }

    /** @return HasOne<PublishedEdition, $this> the one in force */
    public function current(): HasOne
    {
        return $this->hasOne(PublishedEdition::class)->latestOfMany('number');
    }

    /** @return HasMany<PublishedEdition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(PublishedEdition::class);
    }
}
