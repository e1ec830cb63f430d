<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\Language;

/**
 * A mail to be sent: what for and to whom, never the words or the address, which are put together when it is sent.
 *
 * @property int $id
 * @property string $message_id
 * @property MessageKind $kind
 * @property int $subscriber_id
 * @property Id|null $journey
 * @property int $point_edition_id
 * @property Language $language
 * @property MessageState $state
 * @property int $attempts
 * @property Instant $due_at
 * @property Instant $made_at
 * @property Instant|null $claimed_at
 * @property Instant|null $settled_at
 * @property string|null $problem
 * @property string|null $crowd
 * @property Instant $turn_at
 * @property-read Subscriber $subscriber
 * @property-read PublishedEdition $edition
 */
final class Message extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => MessageKind::class, 'state' => MessageState::class, 'language' => Language::class, 'journey' => ValueCast::ID,
            'due_at' => ValueCast::INSTANT, 'turn_at' => ValueCast::INSTANT, 'made_at' => ValueCast::INSTANT, 'claimed_at' => ValueCast::INSTANT,
            'settled_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }
}
