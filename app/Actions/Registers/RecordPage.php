<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\Wording\StatementUse;
use App\Models\Edition;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use App\Support\SystemClock;
use Juramen\Audit\Judgement;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\Registers;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/** Brings together what the screen of a statement or a register's entry shows. */
final class RecordPage
{
    public function __construct(private readonly InForce $inForce, private readonly ChangeRecord $edit, private readonly StatementUse $use, private readonly Related $related, private readonly SystemClock $clock) {}

    /**
     * @param  array<string, mixed>|null  $document  what is being typed, where that is not saved yet
     * @return array<string, mixed>
     *
     * @throws InvalidDocument where what is being typed cannot be
     */
    public function of(Record $record, Revision $revision, ?array $document = null): array
    {
        $document ??= $revision->document;
        $registers = $this->inForce->registers();
        $history = $this->edit->history($record);
        $editions = $record->editions()->with('approver')->orderByDesc('number')->get();
        $thing = InForce::read($record->kind, $document);

        return [
            'record' => $record,
            'revision' => $revision,
            'document' => $document,
            'thing' => $thing,
            'registers' => $registers,
            'editions' => $editions,
            'state' => Propose::state($record, $editions->first(), $revision, $this->holds($record, $editions->first())),
            'proposal' => Propose::open($record),
            'last' => $record->proposals()->with('submitter', 'decider')->orderByDesc('id')->first(),
            'undo' => $history->undo() !== null,
            'redo' => $history->redo() !== null,
            'related' => $this->related->to($thing, $registers),
            // Countries from which any sheet's visitors come.
            'asked' => $record->kind !== RecordKind::Rules ? [] : array_values(array_unique(array_merge([], ...InForce::records(RecordKind::Sheet)->with('newest')->get()->map(static fn (Record $r): array => $r->newest->document['countries'] ?? [])->values()->all()))),
            ...($thing instanceof Statement ? $this->statement($record, $thing, $registers) : ['judgement' => null]),
        ];
    }

    /** @return array<string, mixed> */
    private function statement(Record $record, Statement $statement, Registers $registers): array
    {
        return [
            'judgement' => Judgement::ofStatement($statement, $registers),
            'filled' => $registers->fillings($statement->purpose)->fill($statement),
            'unfilled' => Unfilled::said($registers->unfilled($statement)),
            'uses' => $this->use->of($record),
        ];
    }

    /** Whether an edition holds already: its day has come, and of a statement, a published point shows it. */
    private function holds(Record $record, ?Edition $edition): bool
    {
        return $edition !== null && ($record->kind === RecordKind::Statement ? isset($this->use->shownAt()[$edition->digest->hex()]) : $edition->effective <= $this->clock->instant()->utc->format('Y-m-d'));
    }

    public function newest(Record $record): Revision
    {
        return $record->revisions()->orderByDesc('number')->firstOrFail();
    }

    public function find(RecordKind $kind, string $slug): Record
    {
        return Record::query()->where('kind', $kind)->where('slug', $slug)->firstOrFail();
    }
}
