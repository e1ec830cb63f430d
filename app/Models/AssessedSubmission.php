<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Instants;
use App\Casts\ValueCast;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;
use Juramen\Screening\Band;

/**
 * What screening made of a submission, whether it passed or was held; nothing of what it said, and nobody's.
 *
 * @property int $id
 * @property int $point_edition_id
 * @property Instant $assessed_at
 * @property int $risk
 * @property Band $band
 * @property string $signals
 * @property-read PublishedEdition $edition
 * @property string|null $decided by a person: HAM or SPAM; null where nobody has
 */
final class AssessedSubmission extends Model
{
    use MassPrunable;

    /** Days for which it is kept: long enough to tune by. */
    private const KEPT = 180;

    public const HAM = 'ham';

    public const SPAM = 'spam';

    public $timestamps = false;

    protected $guarded = [];

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('assessed_at', '<', Instants::write((new SystemClock)->instant()->plusDays(-self::KEPT)));
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['assessed_at' => ValueCast::INSTANT, 'band' => Band::class];
    }
}
