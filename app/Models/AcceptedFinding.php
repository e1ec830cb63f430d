<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * An accepted finding of a signup point, with its reason and the day on which it ends.
 *
 * @property int $id
 * @property int $point_id
 * @property string $requirement
 * @property string $place
 * @property Digest $finding
 * @property string $reason
 * @property string $until
 * @property int $made_by
 * @property Instant $made_at
 * @property-read User $maker
 * @property-read Point $point
 */
final class AcceptedFinding extends Model
{
    public $timestamps = false;

    protected $table = 'exceptions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => ValueCast::INSTANT, 'finding' => ValueCast::DIGEST];
    }

    /** Which finding it accepts, see Finding::key(). */
    public function key(): string
    {
        return trim("{$this->requirement} {$this->place}");
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /** @return BelongsTo<Point, $this> */
    public function point(): BelongsTo
    {
        return $this->belongsTo(Point::class);
    }
}
