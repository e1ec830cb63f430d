<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\InForce;
use App\Actions\Wording\ListStatements;
use App\Support\Csv;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Register\Language;
use Juramen\Wording\Markup;
use Juramen\Wording\Starters;

/** What people are asked, and the registers that stand behind it. */
final class WordingController
{
    public function index(Request $request, ListStatements $list): View|Response
    {
        $search = $request->string('q')->trim()->toString();
        $state = $request->string('state')->toString();
        $rows = $list($search, $state);
        if ($request->query('as') === 'csv') {
            $lines = [];
            foreach ($rows as $row) {
                foreach ($row['statement']->texts->toArray() as $language => $text) {
                    $lines[] = [$row['record']->slug, $row['state'], (string) ($row['edition']->number ?? ''), $row['statement']->purpose, $language, Markup::words($text), implode(' ', $row['points']), (string) $row['people']];
                }
            }

            return Csv::respond('statements.csv', ['statement', 'state', 'edition', 'purpose', 'language', 'text', 'points', 'people'], $lines);
        }

        return view('wording.index', ['rows' => $rows, 'search' => $search, 'state' => $state, 'purposes' => $list->purposes()]);
    }

    public function registers(InForce $inForce, SystemClock $clock): View
    {
        return view('wording.registers', ['registers' => $inForce->registers(), 'today' => $clock->instant()->utc->format('Y-m-d')]);
    }

    public function starters(InForce $inForce): View
    {
        return view('wording.starters', ['starters' => Starters::all(), 'languages' => [Language::English, Language::German, Language::French], 'controllers' => $inForce->registers()->controllers]);
    }
}
