<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\Proposal;
use App\Models\Record;
use App\Queries\Registers\RegistersInForce;
use App\Support\Tally;
use Juramen\Register\RecordKind;
use Juramen\Wording\Statement;

/** Every statement with its words as they stand now, its state, where it is in force, and how many people agreed. */
final class ListStatements
{
    public function __construct(private readonly StatementUse $use, private readonly RegistersInForce $inForce) {}

    /**
     * @param  int  $countTo  how far people are counted for each edition
     * @return list<StatementStatus> in the order of their names
     */
    public function __invoke(string $search = '', string $state = '', int $countTo = Tally::ALL): array
    {
        $registers = $this->inForce->registers();
        $records = Record::query()->where('kind', RecordKind::Statement)->with('newest.author', 'editions')->orderBy('slug')->get();
        $open = Proposal::query()->whereIn('record_id', $records->pluck('id'))->whereNull('decision')->orderBy('id')->get()->keyBy('record_id');
        $uses = $this->use->of($records->flatMap(static fn (Record $r) => $r->editions)->values(), $countTo);
        $statuses = [];
        foreach ($records as $record) {
            if ($record->newest === null) {
                continue;
            }
            $statement = Statement::from($record->newest->document);
            $edition = $record->editions->sortByDesc('number')->first();
            $stands = $record->state($edition, $record->newest, $edition !== null && ($uses[$edition->id]->shownAt ?? []) !== [], $open->get($record->id));
            $words = $record->slug.' '.$statement->purpose.' '.implode(' ', $statement->texts->toArray());
            if (($search !== '' && mb_stripos($words, $search) === false) || ($state !== '' && $state !== $stands->value)) {
                continue;
            }
            $of = $record->editions->map(static fn ($e) => $uses[$e->id] ?? null)->filter();
            $statuses[] = new StatementStatus(
                $record, $registers->fillings($statement->purpose)->fill($statement), $record->newest, $edition, $stands,
                array_values(array_unique(array_merge([], ...$of->map(static fn (EditionUse $u): array => $u->shownAt)->values()->all()))),
                $of->reduce(static fn (Tally $all, EditionUse $u): Tally => $all->plus($u->people), new Tally(0)),
            );
        }

        return $statuses;
    }
}
