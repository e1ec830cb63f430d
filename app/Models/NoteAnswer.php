<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * What somebody said to a note about a sentence of a statement. It holds for that sentence, and ends when it changes.
 *
 * @property int $id
 * @property int $record_id
 * @property string $requirement
 * @property string $language
 * @property Digest $sentence_digest
 * @property AnswerKind $kind
 * @property string $verdict
 * @property string $sentence
 * @property int $made_by
 * @property Instant $made_at
 * @property-read User $maker
 */
final class NoteAnswer extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => ValueCast::INSTANT, 'sentence_digest' => ValueCast::DIGEST, 'kind' => AnswerKind::class];
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }
}
