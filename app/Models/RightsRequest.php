<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Day;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Upkeep\Right;

/**
 * What a person asks under Art. 15 to 21 of the GDPR, by a message that came with a form.
 *
 * @property int $id
 * @property int $point_edition_id
 * @property Id|null $enquiry_id null once the message is deleted
 * @property Right $asks
 * @property Instant $received_at
 * @property Day $due_on the last day to answer
 * @property string|null $why_longer what the person was told; kept encrypted; null where the first time holds
 * @property Instant|null $answered_at
 * @property-read PublishedEdition $edition
 */
final class RightsRequest extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'enquiry_id' => ValueCast::ID, 'asks' => Right::class, 'received_at' => ValueCast::INSTANT, 'due_on' => ValueCast::DAY, 'why_longer' => 'encrypted',
            'answered_at' => ValueCast::INSTANT,
        ];
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }
}
