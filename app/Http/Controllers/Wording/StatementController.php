<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wording;

use App\Actions\Wording\StatementRegister;
use App\Models\StatementEdition;
use App\Support\Csv;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Register\Language;
use Juramen\Wording\Difference;
use Juramen\Wording\ReadingEase;
use Juramen\Wording\Statement;

/** The statements: what people are asked, in which words, where, and since when. */
final class StatementController
{
    public function __construct(private readonly StatementRegister $register) {}

    public function index(Request $request): View|Response
    {
        $search = $request->string('q')->trim()->toString();
        $rows = $this->register->all($search);
        if ($request->query('as') === 'csv') {
            $lines = [];
            foreach ($rows as $row) {
                foreach ($row['statement']->texts->toArray() as $language => $text) {
                    $lines[] = [$row['id'], (string) $row['newest']->number, $row['statement']->purpose, $language, $text, implode(' ', $row['points']), (string) $row['people']];
                }
            }

            return Csv::respond('statements.csv', ['statement', 'edition', 'purpose', 'language', 'text', 'points', 'people'], $lines);
        }

        return view('wording.index', ['rows' => $rows, 'search' => $search]);
    }

    public function show(Request $request, string $statement): View
    {
        $editions = $this->register->editions($statement);
        $newest = $editions->first() ?? abort(404);
        $find = static fn (int $number): StatementEdition => $editions->firstWhere('number', $number) ?? abort(404);
        $from = $find($request->integer('from') ?: max(1, $newest->number - 1));
        $to = $find($request->integer('to') ?: $newest->number);
        $texts = static fn (StatementEdition $e): Statement => Statement::from(json_decode($e->document, true));
        $changes = [];
        foreach (Language::cases() as $language) {
            [$old, $new] = [$texts($from)->texts, $texts($to)->texts];
            if ($old->has($language) || $new->has($language)) {
                $changes[$language->value] = Difference::between($old->has($language) ? $old->in($language) : '', $new->has($language) ? $new->in($language) : '');
            }
        }

        return view('wording.show', [
            'statement' => $texts($newest), 'editions' => $editions, 'from' => $from, 'to' => $to, 'changes' => $changes,
            'ease' => array_map(static fn (string $language): ReadingEase => ReadingEase::of($texts($to)->texts->toArray()[$language] ?? '', Language::from($language)), array_combine(array_keys($changes), array_keys($changes))),
            'register' => $this->register,
        ]);
    }
}
