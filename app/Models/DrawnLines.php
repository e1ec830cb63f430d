<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/**
 * Lines that somebody drew, and why.
 *
 * @property int $id
 * @property int|null $puzzle null in all three where a point follows the house again
 * @property int|null $hold
 * @property int|null $refuse
 * @property float $lost
 * @property float $bot
 * @property string $reason
 * @property int $user_id
 * @property Instant $drawn_at
 * @property int|null $point_id whose they are; null of the house
 * @property-read User $user
 * @property-read Point|null $point
 */
final class DrawnLines extends Model
{
    public $timestamps = false;

    protected $table = 'screening_lines';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['drawn_at' => ValueCast::INSTANT, 'lost' => 'float', 'bot' => 'float'];
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

    /** Null where a point follows the house again. */
    public function lines(): ?Lines
    {
        return $this->puzzle === null || $this->hold === null || $this->refuse === null ? null : new Lines($this->puzzle, $this->hold, $this->refuse);
    }

    public function costs(): Costs
    {
        return new Costs($this->lost, $this->bot);
    }
}
