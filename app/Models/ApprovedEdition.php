<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Register\Language;
use Juramen\Register\RecordEdition;

/**
 * An approved state of a record, as canonical JSON; never changed.
 *
 * @property int $id
 * @property int $record_id
 * @property int $number
 * @property Digest $digest
 * @property string $bytes
 * @property int $revision
 * @property int $approved_by
 * @property Instant $approved_at
 * @property string $comment
 * @property string $effective
 * @property list<string>|null $fit
 * @property-read Record $record
 * @property-read User $approver
 */
final class ApprovedEdition extends Model
{
    public $timestamps = false;

    protected $table = 'editions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['digest' => ValueCast::DIGEST, 'approved_at' => ValueCast::INSTANT, 'fit' => 'array'];
    }

    /** What was approved. */
    public function document(): Document
    {
        return RecordEdition::parse($this->bytes)->document;
    }

    /** @return list<Language> of which whoever approved it said that they still say the same */
    public function fitting(): array
    {
        return array_values(array_filter(array_map(Language::tryFrom(...), $this->fit ?? [])));
    }

    /** Whether its day has come. */
    public function holds(Day $today): bool
    {
        return ! Day::parse($this->effective)->isAfter($today);
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** @return BelongsTo<User, $this> */
    public function approver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'approved_by');
    }
}
