<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Juramen\Canon\AuthoredRevision;
use Juramen\Canon\Authorship;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * One document that is written here, with its revisions and what was approved of it.
 *
 * @property int $id
 * @property RecordKind $kind
 * @property string $slug
 * @property Id|null $subject
 * @property Instant|null $retired_at
 * @property string $retired_why
 * @property-read Revision|null $newest
 * @property-read Point|null $point
 */
final class Record extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => RecordKind::class, 'subject' => ValueCast::ID, 'retired_at' => ValueCast::INSTANT];
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasOne<Revision, $this> */
    public function newest(): HasOne
    {
        return $this->hasOne(Revision::class)->latestOfMany('number');
    }

    /**
     * Whoever wrote any of what differs between a revision and the newest.
     *
     * @param  int  $number  of the revision; 0 where nothing came before
     * @return list<int> ids of users
     */
    public function writersSince(int $number): array
    {
        $revisions = $this->revisions()->orderBy('number')->get()->map(static fn (Revision $r): AuthoredRevision => new AuthoredRevision($r->number, $r->state, $r->from_state, $r->author_id, $r->document))->values()->all();

        return $revisions === [] ? [] : Authorship::ofDifference($revisions, $number);
    }

    /** @return HasMany<Edition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(Edition::class);
    }

    /** @return HasMany<Proposal, $this> */
    public function proposals(): HasMany
    {
        return $this->hasMany(Proposal::class);
    }

    /** @return HasOne<Point, $this> */
    public function point(): HasOne
    {
        return $this->hasOne(Point::class);
    }

    /** @return BelongsTo<User, $this> */
    public function retirer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'retired_by');
    }
}
