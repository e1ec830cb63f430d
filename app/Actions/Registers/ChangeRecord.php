<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\Record;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\History;
use Juramen\Canon\Merge;
use Juramen\Canon\Refused;
use Juramen\Canon\RevisionStep;
use Juramen\Canon\Slug;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\LegalBasis;
use Juramen\Register\RecordKind;
use Juramen\Register\Schema\Written;
use Juramen\Wording\Statement;

/** Changes to whatever is written here: each adds a revision; nothing is ever taken from a record's history. */
final class ChangeRecord
{
    /** Seconds after which somebody who goes on writing is said to write once more. */
    private const SITTING = 1800;

    public function __construct(private readonly RegistersInForce $inForce, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /**
     * A new record with its first revision.
     *
     * @throws Refused where the document is none of that kind, or the name is taken
     */
    public function begin(RecordKind $kind, Slug $slug, Document $document, User $author, string $said = 'began it'): Record
    {
        $this->check($kind, $document);

        return DB::transaction(function () use ($kind, $slug, $document, $author, $said): Record {
            try {
                $record = Record::query()->create(['kind' => $kind, 'slug' => $slug->text]);
            } catch (UniqueConstraintViolationException) {
                throw Refused::because(ActRefusal::NameTaken, noun: $kind->noun(), name: $slug);
            }
            $this->add($record, $author, $document, new RevisionStep(1, 1, 0), $said);
            $this->log->write($author, ActKind::Began, $record->name()->text());

            return $record;
        }, 3);
    }

    /** What somebody at a screen did, begun from a revision that may no longer be the newest. */
    public function edit(Record $record, User $author, int $base, Edit $edit): Changed
    {
        $written = new Written($author->name, $this->clock->today());

        return $this->change($record, $author, $base, $edit->said(), static fn (Document $document): Document => $edit->apply($document, $written));
    }

    /**
     * Saves a change that began from a revision which may no longer be the newest: what others changed since is kept,
     * and what they changed in the same place is a conflict, for which theirs stays until somebody decides.
     *
     * @param  callable(Document): Document  $change
     *
     * @throws Refused where no such document would come of it
     */
    public function change(Record $record, User $author, int $base, string $said, callable $change): Changed
    {
        return $this->locked($record, function (Revision $newest) use ($record, $author, $base, $said, $change): Changed {
            $from = $base === $newest->number ? $newest : $record->revisions()->where('number', $base)->firstOrFail();
            $merged = Merge::of($from->document, $change($from->document), $newest->document);
            $this->check($record->kind, $merged->document);
            if ($merged->document->equals($newest->document)) {
                return new Changed($newest, $merged->conflicts);
            }
            $number = $newest->number + 1;

            $this->sits($record, $author, $newest);

            return new Changed($this->add($record, $author, $merged->document, new RevisionStep($number, $number, $newest->state), $said), $merged->conflicts);
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

    /** @throws Refused where it may not be written */
    private function check(RecordKind $kind, Document $document): void
    {
        Records::check($kind, $document);
        if ($kind === RecordKind::Sheet) {
            $draft = SheetDraft::from($document);
            $registers = $this->inForce->registers();
            $registers->checkDepartures($draft);
            $registers->complete($draft);
        } elseif ($kind === RecordKind::Statement) {
            $this->checkStatement(Statement::from($document));
        }
    }

    private function checkStatement(Statement $statement): void
    {
        $basis = $this->inForce->registers()->purpose($statement->purpose)->basis;
        if ($basis !== LegalBasis::Consent && $this->inForce->sheetsWith($statement->id) !== []) {
            throw Refused::because(DraftRefusal::StandsOnSheet);
        }
    }

    /** @param  callable(History): ?int  $way */
    private function travel(Record $record, User $author, callable $way, string $said): Revision
    {
        return $this->locked($record, function (Revision $newest) use ($record, $author, $way, $said): Revision {
            $state = $way($record->history());
            $state === null ?: $this->sits($record, $author, $newest);

            return $state === null ? $newest
                : $this->add(
                    $record, $author, $record->revisions()->where('number', $state)->firstOrFail()->document,
                    new RevisionStep($newest->number + 1, $state, 0), $said
                );
        });
    }

    /** Whoever begins to write is entered once for a sitting; what was written stands in the record's history. */
    private function sits(Record $record, User $author, Revision $newest): void
    {
        if ($newest->author_id !== $author->id || $this->clock->instant()->isAfter($newest->saved_at->plusSeconds(self::SITTING))) {
            $this->log->write($author, ActKind::Wrote, $record->name()->text());
        }
    }

    private function add(Record $record, User $author, Document $document, RevisionStep $step, string $said): Revision
    {
        $this->inForce->forget();

        return $record->revisions()->create([
            'number' => $step->number, 'state' => $step->state, 'from_state' => $step->from, 'said' => mb_substr($said, 0, 200), 'document' => $document,
            'author_id' => $author->id, 'saved_at' => $this->clock->instant(),
        ]);
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
