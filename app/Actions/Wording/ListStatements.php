<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\Registers\InForce;
use App\Actions\Registers\Propose;
use App\Models\Edition;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use Juramen\Register\Purpose;
use Juramen\Wording\Statement;

/** Every statement with its words as they stand now, its state, where it is in force, and how many people agreed. */
final class ListStatements
{
    public function __construct(private readonly StatementUse $use, private readonly InForce $inForce) {}

    /** @return list<array{record: Record, statement: Statement, revision: Revision, edition: Edition|null, state: string, points: list<string>, people: int}> */
    public function __invoke(string $search = '', string $state = ''): array
    {
        $registers = $this->inForce->registers();
        $shown = $this->use->shownAt();
        $rows = [];
        foreach (Record::query()->where('kind', RecordKind::Statement)->with('newest.author', 'editions')->orderBy('slug')->get() as $record) {
            if ($record->newest === null) {
                continue;
            }
            $statement = $registers->fillings($record->newest->document['purpose'])->fill(Statement::from($record->newest->document));
            $edition = $record->editions->sortByDesc('number')->first();
            $stands = Propose::state($record, $edition, $record->newest, $edition !== null && isset($shown[$edition->digest->hex()]));
            $found = $search === '' || mb_stripos($record->slug.' '.$statement->purpose.' '.implode(' ', $statement->texts->toArray()), $search) !== false;
            if (! $found || ($state !== '' && $state !== $stands)) {
                continue;
            }
            $rows[] = [
                'record' => $record, 'statement' => $statement, 'revision' => $record->newest, 'edition' => $edition, 'state' => $stands,
                'points' => array_values(array_unique(array_merge([], ...$record->editions->map(static fn (Edition $e): array => $shown[$e->digest->hex()] ?? [])->values()->all()))), 'people' => $record->editions->sum(fn (Edition $e): int => $this->use->people($e)),
            ];
        }

        return $rows;
    }

    /** @return array<string, Purpose> those for which a statement can be written */
    public function purposes(): array
    {
        return $this->inForce->registers()->purposes;
    }
}
