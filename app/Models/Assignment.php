<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * Who is to mend a finding, and by when. It holds until the finding is gone, somebody else is to mend it, or it is taken back.
 *
 * @property int $id
 * @property string $form kind and id of the form
 * @property string $requirement
 * @property string $place
 * @property Digest $finding
 * @property int $user_id who is to mend it
 * @property Day $due the last day
 * @property string $note what was said to them; may be empty
 * @property int $made_by
 * @property Instant $made_at
 * @property Instant|null $ended_at
 * @property-read User $user
 * @property-read User $maker
 */
final class Assignment extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => ValueCast::INSTANT, 'ended_at' => ValueCast::INSTANT, 'finding' => ValueCast::DIGEST, 'due' => ValueCast::DAY];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }
}
