<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * An edition of a statement: exactly these words.
 *
 * @property int $id
 * @property string $statement
 * @property int $number
 * @property Digest $digest
 * @property string $document
 * @property int|null $approved_by
 * @property Instant|null $approved_at
 * @property-read User|null $approver
 */
final class StatementEdition extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['digest' => ValueCast::DIGEST, 'approved_at' => ValueCast::INSTANT];
    }

    /** @return BelongsTo<User, $this> */
    public function approver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'approved_by');
    }
}
