<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\HeldContentCast;
use App\Casts\ValueCast;
use App\Casts\WordsCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\Language;

/**
 * What somebody wanted besides any consent, until the day it is deleted.
 *
 * @property Id $id
 * @property int $point_edition_id
 * @property int $controller_id
 * @property Digest $lookup
 * @property Language $language
 * @property HeldContent $content
 * @property Instant $received_at
 * @property EnquiryState $state
 * @property int|null $user_id of whoever works on it
 * @property bool $spam whether somebody read it as spam
 * @property bool $doubtful whether screening took it for a program's
 * @property list<string> $recipients ids of those to whom it goes, as its edition has them
 * @property Id|null $nonce of the mark that was spent on it
 * @property Instant|null $corrected_at when whoever sent it mended the address
 * @property Instant|null $closed_at
 * @property Instant|null $deleted_at when it is deleted by itself; null while it is not closed
 * @property-read PublishedEdition $edition
 * @property-read User|null $user
 */
final class Enquiry extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'id' => ValueCast::ID, 'lookup' => ValueCast::DIGEST, 'language' => Language::class, 'content' => HeldContentCast::class,
            'received_at' => ValueCast::INSTANT, 'deleted_at' => ValueCast::INSTANT, 'closed_at' => ValueCast::INSTANT, 'state' => EnquiryState::class,
            'nonce' => ValueCast::ID, 'corrected_at' => ValueCast::INSTANT, 'doubtful' => 'boolean', 'spam' => 'boolean', 'recipients' => WordsCast::class,
        ];
    }

    /** By its id as addresses have it. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        $isId = is_string($value) && preg_match('/^[0-9a-f]{32}$/D', $value) === 1;

        return $isId ? self::query()->with('edition.point', 'user')->whereKey(Id::fromHex($value)->bytes)->first() : null;
    }

    public function getRouteKey(): string
    {
        return $this->id->hex();
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
