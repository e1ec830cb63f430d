<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
 * @property-read Controller $controller
 * @property-read Record $record
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

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** @return HasMany<PointEdition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(PointEdition::class);
    }
}
