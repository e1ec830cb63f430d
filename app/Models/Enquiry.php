<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
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
 * @property array{email: string, values: array<string, string>} $content
 * @property Instant $received_at
 * @property Instant $deleted_at
 * @property-read PublishedEdition $edition
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
            'id' => ValueCast::ID, 'lookup' => ValueCast::DIGEST, 'language' => Language::class, 'content' => 'encrypted:array',
            'received_at' => ValueCast::INSTANT, 'deleted_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }
}
