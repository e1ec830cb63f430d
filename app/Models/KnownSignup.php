<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\HeldContentCast;
use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\Language;

/**
 * What was sent with the address of somebody known, perhaps by somebody else: kept encrypted until they confirm it, mend the address, or
 * its days are over.
 *
 * @property Id $id
 * @property int $subscriber_id
 * @property int $point_edition_id
 * @property Language $language
 * @property Id|null $nonce of the mark that was spent on it
 * @property HeldContent $content
 * @property Instant $made_at
 * @property Instant $ends_at
 * @property-read Subscriber $subscriber
 * @property-read PublishedEdition $edition
 */
final class KnownSignup extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'id' => ValueCast::ID, 'language' => Language::class, 'nonce' => ValueCast::ID, 'content' => HeldContentCast::class,
            'made_at' => ValueCast::INSTANT, 'ends_at' => ValueCast::INSTANT,
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
