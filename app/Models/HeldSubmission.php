<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\HeldContentCast;
use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Register\Language;

/**
 * A submission that screening kept for a person to decide, until the day it is deleted.
 *
 * @property int $id
 * @property int $point_edition_id
 * @property Language $language
 * @property How $how
 * @property HeldContent $content
 * @property int|null $assessed_id what screening made of it; null of what came before that was kept
 * @property string $signals
 * @property Instant $received_at
 * @property Instant $deleted_at
 * @property HeldDecision|null $decided by a person, and not carried out yet
 * @property Instant|null $decided_at
 * @property int|null $user_id whoever decided
 * @property-read PublishedEdition $edition
 * @property-read User|null $user
 */
final class HeldSubmission extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'language' => Language::class, 'how' => How::class, 'content' => HeldContentCast::class, 'received_at' => ValueCast::INSTANT,
            'deleted_at' => ValueCast::INSTANT, 'decided' => HeldDecision::class, 'decided_at' => ValueCast::INSTANT, 'nonce' => ValueCast::ID,
        ];
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
