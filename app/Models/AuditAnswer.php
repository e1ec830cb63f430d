<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Audit\AuditedFinding;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * What somebody said of a finding: that the requirement is met, or that the finding is accepted; with why, and until when.
 *
 * @property int $id
 * @property string $form kind and id of the form
 * @property string $requirement
 * @property string $place
 * @property Digest $finding
 * @property AnswerSays $says
 * @property string $reason
 * @property string $until
 * @property int $times how often it had happened, of what is counted
 * @property int $user_id
 * @property Digest|null $file on which it rests
 * @property Instant $made_at
 * @property Instant|null $ended_at
 * @property-read User $user
 */
final class AuditAnswer extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => ValueCast::INSTANT, 'ended_at' => ValueCast::INSTANT, 'finding' => ValueCast::DIGEST, 'file' => ValueCast::DIGEST,
            'says' => AnswerSays::class];
    }

    /** Whether it holds of a finding as it is now: whoever accepted eleven has not accepted twelve. */
    public function covers(AuditedFinding $finding): bool
    {
        return $this->finding->equals($finding->digest()) && $finding->times <= $this->times;
    }

    /** On what it rests; null where nothing was given. */
    public function proof(): ?AnswerFile
    {
        return $this->file === null ? null : AnswerFile::query()->find($this->file->bytes);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
