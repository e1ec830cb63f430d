<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;

/**
 * An address that mails of a controller come from, or are to come from.
 *
 * @property int $id
 * @property string $controller
 * @property string $address
 * @property int $user_id
 * @property Instant $asked_at
 * @property Instant|null $verified_at when the link that went there was pressed
 * @property-read User $user
 */
final class SenderAddress extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['asked_at' => ValueCast::INSTANT, 'verified_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
