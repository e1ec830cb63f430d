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
 * Something on its way out: its kind, where it goes, by which key the other side knows it again, and where it stands. Never words or
 * an address: what goes out is put together when it goes.
 *
 * @property int $id
 * @property string $idempotency_key the same on every try; 32 hexadecimal digits, or those of an older mail
 * @property DeliveryKind $kind
 * @property int|null $subscriber_id to whom it goes: a person...
 * @property int|null $user_id ...or somebody who works here
 * @property Id|null $journey
 * @property Id|null $enquiry_id that it is about
 * @property Id|null $known_id what was entered with the address of somebody known
 * @property int|null $sender_address_id that is asked
 * @property int|null $handover_id of which it tells
 * @property string|null $recipient id of whom it goes to, as the enquiry's edition has them; null where to the person who sent it
 * @property int|null $point_edition_id
 * @property Language|null $language
 * @property DeliveryState $state
 * @property int $attempts
 * @property Instant $due_at
 * @property Instant $made_at
 * @property Instant|null $claimed_at
 * @property Instant|null $settled_at
 * @property string|null $problem
 * @property string|null $crowd
 * @property Instant $turn_at
 * @property-read Subscriber|null $subscriber
 * @property-read User|null $user
 * @property-read PublishedEdition|null $edition
 */
final class Delivery extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => DeliveryKind::class, 'state' => DeliveryState::class, 'language' => Language::class, 'journey' => ValueCast::ID,
            'enquiry_id' => ValueCast::ID, 'known_id' => ValueCast::ID,
            'due_at' => ValueCast::INSTANT, 'turn_at' => ValueCast::INSTANT, 'made_at' => ValueCast::INSTANT, 'claimed_at' => ValueCast::INSTANT,
            'settled_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }

    /** What it is about, where that is still kept. */
    public function enquiry(): ?Enquiry
    {
        return $this->enquiry_id === null ? null : Enquiry::query()->with('edition')->whereKey($this->enquiry_id->bytes)->first();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }
}
