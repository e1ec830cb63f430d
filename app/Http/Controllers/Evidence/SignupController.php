<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Models\SignupJourney;
use App\Pages\Evidence\ShowSignups;
use App\Queries\Desk\SignupFate;
use App\Queries\Evidence\ListSignups;
use App\Queries\Evidence\SignupFilter;
use App\Support\Csv;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The list of sign-ups behind the numbers of the desk, the points and the wording. */
final class SignupController
{
    private const COLUMNS = ['asked', 'subject', 'point', 'edition', 'language', 'state', 'ended'];

    public function index(Request $request, ListSignups $list, ShowSignups $show): View|StreamedResponse
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $filter = SignupFilter::parse($text('state'), $text('point'), $text('words'), $text('from'), $text('to'), $text('sort'));

        return $request->query('as') === 'csv' ? Csv::respond('sign-ups.csv', self::COLUMNS, $list->all($filter)->map(self::line(...)))
            : view('evidence.signups', ['page' => $show($filter)]);
    }

    /**
     * Addresses stand in no file: the subject leads to the person's page, where whoever may see them finds them.
     *
     * @return list<string>
     */
    private static function line(SignupJourney $journey): array
    {
        return [
            $journey->asked_at->text(), $journey->subscriber->subject->hex(), $journey->edition->point->slug, (string) $journey->edition->number,
            $journey->language->value, SignupFate::of($journey->state)->value, $journey->ended_at?->text() ?? '',
        ];
    }
}
