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
 * A person as one controller knows them.
 *
 * @property int $id
 * @property Id $subject
 * @property int $controller_id
 * @property Instant $first_seen
 * @property-read Controller $controller
 */
final class Subscriber extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => ValueCast::ID, 'first_seen' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return HasMany<Journey, $this> */
    public function journeys(): HasMany
    {
        return $this->hasMany(Journey::class);
    }

    /** @return HasMany<Permission, $this> */
    public function permissions(): HasMany
    {
        return $this->hasMany(Permission::class);
    }

    /** @return HasMany<Message, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class);
    }

    /** @return HasMany<ContactPoint, $this> */
    public function contactPoints(): HasMany
    {
        return $this->hasMany(ContactPoint::class);
    }
}
