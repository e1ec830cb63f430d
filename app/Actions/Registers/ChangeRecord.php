<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Conflict;
use Juramen\Canon\History;
use Juramen\Canon\InvalidDocument;
use Juramen\Canon\Merge;
use Juramen\Points\Sheet;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Statement;

/** Changes to whatever is written here: each adds a revision; nothing is ever taken from a record's history. */
final class ChangeRecord
{
    public function __construct(private readonly InForce $inForce, private readonly SystemClock $clock) {}

    /**
     * A new record with its first revision.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidDocument where the document is none of that kind, or the name is taken
     */
    public function begin(RecordKind $kind, string $slug, array $document, User $author, string $said = 'began it'): Record
    {
        $this->check($kind, $document);

        return DB::transaction(function () use ($kind, $slug, $document, $author, $said): Record {
            if (Record::query()->where('kind', $kind)->where('slug', $slug)->lockForUpdate()->exists()) {
                throw new InvalidDocument("There is already a {$kind->noun()} called \"$slug\"; choose another name.");
            }
            $record = Record::query()->create(['kind' => $kind, 'slug' => $slug]);
            $this->add($record, $author, $document, 1, 1, 0, $said);

            return $record;
        }, 3);
    }

    /**
     * Saves a change that began from a revision which may no longer be the newest: what others changed since is kept,
     * and what they changed in the same place is a conflict, for which theirs stays until somebody decides.
     *
     * @param  callable(array<string, mixed>): array<string, mixed>  $change
     * @return array{Revision, list<Conflict>} the newest revision afterwards
     *
     * @throws InvalidDocument where no such document would come of it
     */
    public function change(Record $record, User $author, int $base, string $said, callable $change): array
    {
        return $this->locked($record, function (Revision $newest) use ($record, $author, $base, $said, $change): array {
            $from = $base === $newest->number ? $newest : $record->revisions()->where('number', $base)->firstOrFail();
            [$document, $conflicts] = Merge::of($from->document, $change($from->document), $newest->document);
            $this->check($record->kind, $document);
            if ($document === $newest->document) {
                return [$newest, $conflicts];
            }
            $number = $newest->number + 1;

            return [$this->add($record, $author, $document, $number, $number, $newest->state, $said), $conflicts];
        });
    }

    public function undo(Record $record, User $author): Revision
    {
        return $this->travel($record, $author, static fn (History $history): ?int => $history->undo(), 'undid the last change');
    }

    public function redo(Record $record, User $author): Revision
    {
        return $this->travel($record, $author, static fn (History $history): ?int => $history->redo(), 'redid a change');
    }

    public function history(Record $record): History
    {
        $rows = $record->revisions()->orderBy('number')->get(['number', 'state', 'from_state'])
            ->map(static fn (Revision $r): array => ['number' => $r->number, 'state' => $r->state, 'from' => $r->from_state])->values()->all();

        return new History($rows === [] ? throw new InvalidDocument('Nothing is written here yet.') : $rows);
    }

    /** @param  array<string, mixed>  $document */
    private function check(RecordKind $kind, array $document): void
    {
        CanonicalJson::encode($document);
        if ($kind === RecordKind::Sheet) {
            $registers = $this->inForce->registers();
            $registers->check($document);
            Sheet::read($registers->complete($document));
        } else {
            InForce::check($kind, $document);
            $thing = InForce::read($kind, $document);
            if ($thing instanceof Statement && $this->inForce->registers()->purpose($thing->purpose)->basis !== LegalBasis::Consent && $this->stands($thing->id)) {
                throw new InvalidDocument('This statement stands on a sheet, where a tick box asks for consent; its purpose has to stand on consent too.');
            }
        }
    }

    private function stands(string $statement): bool
    {
        return InForce::records(RecordKind::Sheet)->with('newest')->get()->contains(static fn (Record $sheet): bool => in_array($statement, array_column($sheet->newest->document['statements'] ?? [], 'id'), true));
    }

    /** @param  callable(History): ?int  $way */
    private function travel(Record $record, User $author, callable $way, string $said): Revision
    {
        return $this->locked($record, function (Revision $newest) use ($record, $author, $way, $said): Revision {
            $state = $way($this->history($record));

            return $state === null ? $newest
                : $this->add($record, $author, $record->revisions()->where('number', $state)->firstOrFail()->document, $newest->number + 1, $state, 0, $said);
        });
    }

    /** @param  array<string, mixed>  $document */
    private function add(Record $record, User $author, array $document, int $number, int $state, int $from, string $said): Revision
    {
        return $record->revisions()->create(['number' => $number, 'state' => $state, 'from_state' => $from, 'said' => mb_substr($said, 0, 200), 'document' => $document, 'author_id' => $author->id, 'saved_at' => $this->clock->instant()]);
    }

    /**
     * @template T
     *
     * @param  callable(Revision): T  $do
     * @return T
     */
    private function locked(Record $record, callable $do): mixed
    {
        return DB::transaction(function () use ($record, $do): mixed {
            Record::query()->whereKey($record->id)->lockForUpdate()->exists();

            return $do($record->revisions()->orderByDesc('number')->firstOrFail());
        }, 3);
    }
}
