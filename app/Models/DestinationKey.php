<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;

/**
 * The key by which a destination knows us, encrypted.
 *
 * @property string $destination
 * @property string $secret
 * @property Instant $set_at
 * @property-read User $user
 */
final class DestinationKey extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'destination';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $hidden = ['secret'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['secret' => 'encrypted', 'set_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
