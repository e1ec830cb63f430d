<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Models\Record;
use App\Models\RecordState;
use App\Pages\Controls\Option;
use App\Pages\Registers\RegistersPage;
use App\Pages\Wording\StatementLine;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Wording\ListStatements;
use App\Queries\Wording\StatementStatus;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use App\Support\Tally;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\Language;
use Juramen\Register\Purpose;
use Juramen\Register\RecordKind;
use Juramen\Wording\Starters;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people are asked, and the registers that stand behind it. */
final class WordingController
{
    private const STATES = [
        '' => 'all', 'draft' => 'drafts', 'submitted' => 'submitted', 'approved' => 'approved, shown nowhere yet', 'in force' => 'in force',
        'retired' => 'retired',
    ];

    private const COLUMNS = ['statement', 'state', 'edition', 'purpose', 'language', 'text', 'points', 'people'];

    public function index(Request $request, ListStatements $list, RegistersInForce $inForce): View|StreamedResponse
    {
        $search = $request->string('q')->trim()->toString();
        $state = RecordState::tryFrom($request->string('state')->toString())->value ?? '';
        $whole = $request->query('as') === 'csv';
        $sorting = Sorting::parse($request->query('sort'), StatementLine::COLUMNS, 'name');
        $statements = $sorting->sort($list($search, $state, $whole ? Tally::ALL : Tally::BESIDE), StatementLine::sortsBy(...));
        if ($whole) {
            return Csv::respond('statements.csv', self::COLUMNS, array_merge([], ...array_map(self::lines(...), $statements)));
        }
        $asked = static fn (Purpose $p): Option => new Option($p->id->text, str_replace('-', ' ', $p->id->text));

        return view('wording.index', [
            'rows' => array_map(static fn (StatementStatus $s): StatementLine => StatementLine::of($s, $inForce->nameOf(...)), $statements),
            'sorting' => $sorting, 'search' => $search, 'state' => $state, 'states' => Option::all(self::STATES, [$state]),
            'purposes' => array_map($asked, $inForce->registers()->purposes->all()),
            'may' => SignedIn::user($request)->can('write', [Record::class, RecordKind::Statement]),
        ]);
    }

    public function registers(Request $request, RegistersPage $page): View
    {
        return view('wording.registers', ['page' => $page, 'may' => SignedIn::user($request)->can('write', [Record::class, RecordKind::Controller])]);
    }

    public function starters(Request $request, RegistersPage $page): View
    {
        return view('wording.starters', [
            'starters' => $starters = Starters::all(),
            'chosen' => Starters::find($request->string('starter', (string) $request->old('starter'))->toString()) ?? $starters[0],
            'controllers' => $page->choices(),
            'may' => SignedIn::user($request)->can('write', [Record::class, RecordKind::Statement]),
        ]);
    }

    /** @return list<list<string>> one line for each language */
    private static function lines(StatementStatus $status): array
    {
        $statement = $status->statement;

        return array_map(static fn (Language $l): array => [
            $status->record->slug, $status->state->value, (string) $status->edition?->number, $statement->purpose->text, $l->value, $statement->words($l),
            implode(' ', $status->points), (string) $status->people->counted,
        ], $statement->texts->languages());
    }
}
