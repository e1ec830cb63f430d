<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\ActRefusal;
use App\Casts\ValueCast;
use App\Support\Joined;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\JoinClause;
use Juramen\Canon\AuthoredRevision;
use Juramen\Canon\Authorship;
use Juramen\Canon\History;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Juramen\Canon\RevisionStep;
use Juramen\Canon\Slug;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Juramen\Register\Registered;

/**
 * One document that is written here, with its revisions and what was approved of it.
 *
 * @property int $id
 * @property RecordKind $kind
 * @property string $slug
 * @property Id|null $subject
 * @property string|null $name what it is called here, where it was renamed
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
        return self::writersAmong($this->revisions()->orderBy('number')->get(), $number);
    }

    /**
     * A record held until the transaction ends: its revisions in order, each with the record and the number of the edition that was
     * made of it; in one query.
     *
     * @return Collection<int, Revision> none where nothing was written under that name
     */
    public static function heldWithRevisions(RecordName $name): Collection
    {
        $rows = Revision::query()->join('records', 'records.id', '=', 'revisions.record_id')
            ->leftJoin('editions', static function (JoinClause $join): void {
                $join->on('editions.record_id', '=', 'revisions.record_id')->on('editions.revision', '=', 'revisions.number');
            })->where('records.kind', $name->kind)->where('records.slug', $name->slug->text)->orderBy('revisions.number')->lockForUpdate()
            ->get(['revisions.*', 'editions.number as approved_as', 'records.kind', 'records.slug', 'records.subject', 'records.retired_at']);
        foreach ($rows as $row) {
            Joined::apart($row, 'record', 'record_id', new self, ['kind', 'slug', 'subject', 'retired_at']);
        }

        return $rows;
    }

    /**
     * Who wrote any of what differs, told from revisions that are read already.
     *
     * @param  Collection<int, Revision>  $revisions  all of a record, in order
     * @return list<int>
     */
    public static function writersAmong(Collection $revisions, int $number): array
    {
        $authored = array_values(
            $revisions->map(static fn (Revision $r): AuthoredRevision => new AuthoredRevision($r->step(), $r->author_id, $r->document))->all()
        );

        return $authored === [] ? [] : Authorship::ofDifference($authored, $number);
    }

    public static function named(RecordKind $kind, string $slug): self
    {
        return self::query()->where('kind', $kind)->where('slug', $slug)->firstOrFail();
    }

    public function newestRevision(): Revision
    {
        return $this->revisions()->orderByDesc('number')->firstOrFail();
    }

    /** The way through its revisions. */
    public function history(): History
    {
        $steps = $this->revisions()->orderBy('number')->get(['number', 'state', 'from_state'])->map(static fn (Revision $r): RevisionStep => $r->step())
            ->values()->all();

        return new History($steps === [] ? throw Refused::because(ActRefusal::NothingWritten) : $steps);
    }

    /** The proposal that waits for a decision; null where none does. */
    public function openProposal(): ?Proposal
    {
        return $this->proposals()->with('submitter', 'decider')->whereNull('decision')->orderByDesc('id')->first();
    }

    /** @param  bool  $holds  whether the newest edition holds already */
    public function state(?ApprovedEdition $edition, Revision $newest, bool $holds, ?Proposal $open): RecordState
    {
        return match (true) {
            $this->retired_at !== null => RecordState::Retired,
            $edition !== null && $edition->document()->equals($newest->document) => $holds ? RecordState::InForce : RecordState::Approved,
            $open?->revision === $newest->number => RecordState::Submitted,
            default => RecordState::Draft,
        };
    }

    /** What a statement is called here: the name that somebody gave it, or its id as it is spoken. */
    public function called(): string
    {
        return $this->name ?? $this->name()->slug->spoken();
    }

    /** As a heading: what a statement is called here, what everything else says of itself. */
    public function titled(Registered $entry): string
    {
        return $this->kind === RecordKind::Statement ? ucfirst($this->called()) : $entry->title();
    }

    public function name(): RecordName
    {
        return new RecordName($this->kind, Slug::parse($this->slug));
    }

    /** @return HasMany<ApprovedEdition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(ApprovedEdition::class);
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
