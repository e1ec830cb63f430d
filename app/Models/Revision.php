<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DocumentCast;
use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Canon\RevisionStep;

/**
 * One state of a record's document; revisions are only ever added.
 *
 * @property int $id
 * @property int $record_id
 * @property int $number
 * @property int $state
 * @property int $from_state
 * @property string $said
 * @property Document $document
 * @property int|null $approved_as  number of the edition that was made of it, where that was asked for
 * @property int $author_id
 * @property Instant $saved_at
 * @property-read User $author
 * @property-read Record $record
 */
final class Revision extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => DocumentCast::class, 'saved_at' => ValueCast::INSTANT];
    }

    /** Where it stands in its document's history. */
    public function step(): RevisionStep
    {
        return new RevisionStep($this->number, $this->state, $this->from_state);
    }

    /** @return BelongsTo<Record, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(Record::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
