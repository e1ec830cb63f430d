<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * What was agreed to at a point is suspended, for what was found there, until a second officer lifts that.
 *
 * @property int $id
 * @property Id $suspension
 * @property int $point_id
 * @property string $requirement
 * @property Digest $finding
 * @property string $reason
 * @property int $user_id
 * @property Instant $made_at
 * @property int $reached the last person whose entry was written
 * @property Instant|null $done_at
 * @property string $lift_reason
 * @property int|null $lifted_by
 * @property Instant|null $lifted_at
 * @property Instant|null $restored_at
 * @property-read Point $point
 * @property-read User $user
 */
final class Suspension extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'suspension' => ValueCast::ID, 'finding' => ValueCast::DIGEST, 'made_at' => ValueCast::INSTANT, 'done_at' => ValueCast::INSTANT,
            'lifted_at' => ValueCast::INSTANT, 'restored_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<Point, $this> */
    public function point(): BelongsTo
    {
        return $this->belongsTo(Point::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
