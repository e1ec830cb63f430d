<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Audit\Audit;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;

/**
 * An audit as it was taken. Only added to.
 *
 * @property int $id
 * @property Digest $digest
 * @property Instant $taken_at
 * @property string $scope
 * @property int|null $user_id nobody where the clock took it
 * @property string $bytes compressed
 * @property-read User|null $user
 */
final class TakenAudit extends Model
{
    public $timestamps = false;

    protected $table = 'audits';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => ValueCast::INSTANT, 'digest' => ValueCast::DIGEST];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function audit(): Audit
    {
        return Audit::from(Document::parse((string) gzuncompress($this->bytes)));
    }
}
