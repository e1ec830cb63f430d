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
 * @property bool|null $found_spam whether somebody found it to be a program's; null where that was not asked for
 * @property-read RegisteredController $controller
 */
final class Subscriber extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => ValueCast::ID, 'first_seen' => ValueCast::INSTANT, 'found_spam' => 'boolean'];
    }

    /** @return BelongsTo<RegisteredController, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(RegisteredController::class);
    }

    /** @return HasMany<SignupJourney, $this> */
    public function journeys(): HasMany
    {
        return $this->hasMany(SignupJourney::class);
    }

    /** @return HasMany<CurrentPermission, $this> */
    public function permissions(): HasMany
    {
        return $this->hasMany(CurrentPermission::class);
    }

    /** @return HasMany<Delivery, $this> */
    public function deliveries(): HasMany
    {
        return $this->hasMany(Delivery::class);
    }

    /** @return HasMany<ContactPoint, $this> */
    public function contactPoints(): HasMany
    {
        return $this->hasMany(ContactPoint::class);
    }
}
