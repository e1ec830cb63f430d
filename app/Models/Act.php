<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Instant;

/**
 * Something that somebody who works here did. No address of a person and nothing that was typed stands in it.
 *
 * @property int $id
 * @property Instant $at
 * @property int|null $user_id nobody where it was tried from outside
 * @property ActKind $kind
 * @property string $about see ActSubject
 * @property string $detail
 * @property-read User|null $user
 */
final class Act extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => ValueCast::INSTANT, 'kind' => ActKind::class];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
