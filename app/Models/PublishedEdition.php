<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Points\PointEdition;

/**
 * A published edition of a signup point, as canonical JSON.
 *
 * @property int $id
 * @property int $point_id
 * @property int $number
 * @property Digest $digest
 * @property string $bytes
 * @property int $revision
 * @property int $published_by
 * @property Instant $published_at
 * @property-read Point $point
 */
final class PublishedEdition extends Model
{
    public $timestamps = false;

    protected $table = 'point_editions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['digest' => ValueCast::DIGEST, 'published_at' => ValueCast::INSTANT];
    }

    private ?PointEdition $parsed = null;

    /** What was published, parsed once. */
    public function edition(): PointEdition
    {
        return $this->parsed ??= PointEdition::parse($this->bytes);
    }

    /** @return BelongsTo<Point, $this> */
    public function point(): BelongsTo
    {
        return $this->belongsTo(Point::class);
    }

    /** @return BelongsTo<User, $this> */
    public function publisher(): BelongsTo
    {
        return $this->belongsTo(User::class, 'published_by');
    }
}
