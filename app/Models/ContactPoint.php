<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;

/**
 * A person's address as a keyed digest, for looking up.
 *
 * @property int $id
 * @property int $subscriber_id
 * @property int $controller_id
 * @property string $kind
 * @property Digest $lookup
 * @property-read Subscriber $subscriber
 */
final class ContactPoint extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lookup' => ValueCast::DIGEST];
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }
}
