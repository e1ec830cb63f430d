<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Juramen\Canon\Instant;

/**
 * A form that stands elsewhere, as somebody brought it here or as its page is watched.
 *
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $address of its page; empty where nobody said
 * @property int|null $controller_id
 * @property int|null $point_id
 * @property bool $watched
 * @property int $user_id
 * @property Instant $added_at
 * @property Instant|null $put_away_at
 * @property-read User $user
 * @property-read Point|null $point
 * @property-read RegisteredController|null $controller
 * @property-read ForeignReading|null $newest
 * @property-read ForeignMail|null $mail that it sends
 */
final class ForeignForm extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['added_at' => ValueCast::INSTANT, 'put_away_at' => ValueCast::INSTANT, 'watched' => 'boolean'];
    }

    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    /**
     * In the order of their names, "form 2" before "form 10".
     *
     * @param  Builder<$this>  $query
     */
    public function scopeByName(Builder $query): void
    {
        $query->orderByRaw('NATURAL_SORT_KEY(name)')->orderBy('id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Point, $this> */
    public function point(): BelongsTo
    {
        return $this->belongsTo(Point::class);
    }

    /** @return BelongsTo<RegisteredController, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(RegisteredController::class);
    }

    /** @return HasOne<ForeignMail, $this> the newest that was given */
    public function mail(): HasOne
    {
        return $this->hasOne(ForeignMail::class)->ofMany('id', 'max');
    }

    /** @return HasMany<ForeignReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(ForeignReading::class);
    }

    /** @return HasOne<ForeignReading, $this> */
    public function newest(): HasOne
    {
        return $this->hasOne(ForeignReading::class)->ofMany('id', 'max');
    }
}
