<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;

/**
 * Somebody on one of our lists, or no longer on it, and what the destination of that list has acknowledged of it.
 *
 * @property int $id
 * @property int $subscriber_id
 * @property string $destination
 * @property string $list
 * @property bool $wanted whether they are to be on it there
 * @property Instant $wanted_at
 * @property HandoverState|null $told null where nothing was acknowledged yet
 * @property Instant|null $told_at
 * @property bool $settled whether the destination has acknowledged what is wanted
 * @property-read Subscriber $subscriber
 */
final class Handover extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'wanted' => 'boolean', 'settled' => 'boolean', 'wanted_at' => ValueCast::INSTANT, 'told' => HandoverState::class, 'told_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }
}
