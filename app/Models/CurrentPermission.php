<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Reason;

/**
 * What is permitted now; a projection of the ledger that can be rebuilt at any time.
 *
 * @property int $id
 * @property int $subscriber_id
 * @property string $purpose
 * @property string $channel
 * @property Reason $reason
 * @property bool $allowed
 * @property Instant $since
 * @property Instant|null $ended when a consent last ended
 * @property Id $entry
 * @property string $point at which they said yes, where it is permitted
 * @property string $language in which they did
 * @property string $statements to which they did, a space before and behind each
 */
final class CurrentPermission extends Model
{
    public $timestamps = false;

    protected $table = 'permissions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['reason' => Reason::class, 'allowed' => 'boolean', 'since' => ValueCast::INSTANT, 'ended' => ValueCast::INSTANT, 'entry' => ValueCast::ID];
    }

    /** As it is stored, in words that can be compared, whatever stands there. */
    public function says(): string
    {
        $of = fn (string $column): string => is_scalar($this->attributes[$column] ?? null) ? (string) $this->attributes[$column] : '';
        [$purpose, $channel, $reason, $since, $ended, $entry, $allowed, $point, $language, $statements] = array_map($of, [
            'purpose', 'channel', 'reason', 'since', 'ended', 'entry', 'allowed', 'point', 'language', 'statements',
        ]);

        return "$purpose by $channel: $reason since $since, entry ".bin2hex($entry).($ended === '' ? '' : ", ended $ended")
            .($allowed === '1' ? ", allowed by $point in $language:$statements" : '');
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }
}
