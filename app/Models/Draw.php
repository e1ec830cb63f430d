<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use App\Casts\WordsCast;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * A prize draw of a signup point.
 *
 * @property int $id
 * @property int $point_id
 * @property string $seed kept encrypted
 * @property Instant $begun_at
 * @property Instant|null $closed_at
 * @property list<string> $entries ids in hex of those that take part; none before it is closed
 * @property Id|null $winner
 * @property Instant|null $drawn_at
 * @property Instant|null $accepted_at
 */
final class Draw extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'seed' => 'encrypted', 'begun_at' => ValueCast::INSTANT, 'closed_at' => ValueCast::INSTANT, 'drawn_at' => ValueCast::INSTANT,
            'accepted_at' => ValueCast::INSTANT, 'winner' => ValueCast::ID, 'entries' => WordsCast::class,
        ];
    }

    /** @return list<Id> */
    public function takingPart(): array
    {
        return array_map(Id::fromHex(...), $this->entries);
    }
}
