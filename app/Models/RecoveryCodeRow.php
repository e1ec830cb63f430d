<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Digest;

/**
 * A recovery code that was not used yet; only its digest is kept.
 *
 * @property int $user_id
 * @property Digest $digest
 */
final class RecoveryCodeRow extends Model
{
    public $timestamps = false;

    protected $table = 'recovery_codes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['digest' => ValueCast::DIGEST];
    }
}
