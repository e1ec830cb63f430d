<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;
use Juramen\Screening\Weights;

/**
 * Weights that somebody adopted, and why.
 *
 * @property int $id
 * @property string $weights as JSON
 * @property int $decided on how many decisions they rest; none where ours were taken up again
 * @property string $reason
 * @property int $user_id
 * @property Instant $adopted_at
 * @property-read User $user
 */
final class AdoptedWeights extends Model
{
    public $timestamps = false;

    protected $table = 'screening_weights';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['adopted_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function weights(): Weights
    {
        /** @var array{base: float|int, by: array<string, float|int>} $kept */
        $kept = json_decode($this->weights, true, 3, JSON_THROW_ON_ERROR);

        return Weights::from(['base' => (float) $kept['base'], 'by' => array_map(floatval(...), $kept['by'])]);
    }
}
