<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;

/**
 * A link by which somebody sets a password, once and for a time. Its secret is made from the id when the mail goes out, and stands nowhere.
 *
 * @property Id $id
 * @property int $user_id
 * @property EntryLinkKind $kind
 * @property Instant $made_at
 * @property Instant $ends_at
 * @property Instant|null $used_at
 * @property-read User $user
 */
final class EntryLink extends Model
{
    private const PURPOSE = 'enter';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'id' => ValueCast::ID, 'kind' => EntryLinkKind::class, 'made_at' => ValueCast::INSTANT, 'ends_at' => ValueCast::INSTANT,
            'used_at' => ValueCast::INSTANT,
        ];
    }

    public function token(MacRing $keys): string
    {
        return $keys->seal(self::PURPOSE, $this->id->bytes);
    }

    /** The id that a token names; null where it was not made here. */
    public static function named(string $token, MacRing $keys): ?Id
    {
        $bytes = $keys->open(self::PURPOSE, $token);

        return $bytes !== null && strlen($bytes) === 16 ? Id::fromBytes($bytes) : null;
    }

    /**
     * Those that still hold.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOpen(Builder $query, string $now): void
    {
        $query->whereNull('used_at')->where('ends_at', '>', $now);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
