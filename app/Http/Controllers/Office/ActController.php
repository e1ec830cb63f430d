<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Pages\Account\ActNames;
use App\Pages\Account\ActsPage;
use App\Queries\Account\ActFilter;
use App\Queries\Account\ListActs;
use App\Queries\Account\ListColleagues;
use App\Support\Csv;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log of what those who work here did, for officers and auditors. */
final class ActController
{
    private const COLUMNS = ['at', 'who', 'act', 'about', 'detail', 'in_words'];

    public function index(Request $request, ListActs $list, ListColleagues $colleagues, ActNames $names): View|StreamedResponse
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $filter = ActFilter::parse($text('who'), $text('area'), $text('q'), $text('from'), $text('to'), $text('sort'));

        return $text('as') === 'csv' ? Csv::respond('acts.csv', self::COLUMNS, ActsPage::lines($filter, $list, $names))
            : view('office.acts', ['page' => new ActsPage($filter, $list, $colleagues, $names)]);
    }
}
