<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Queries\Evidence\ListSignups;
use App\Support\Csv;
use App\Support\Moments;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The list of sign-ups behind the numbers of the desk, the points and the wording. */
final class SignupController
{
    /** Lines of a CSV at the most. */
    private const MOST = 20_000;

    public function index(Request $request, ListSignups $list, PersonalValues $personal): View|Response
    {
        $filters = array_filter(
            array_map(static fn (mixed $v): string => is_string($v) ? $v : '', $request->only(['state', 'point', 'words', 'from', 'to'])),
            static fn (string $v): bool => $v !== ''
        );
        if ($request->query('as') === 'csv') {
            // Addresses stand in no file: the subject leads to the person's page, where whoever may see them finds them.
            $rows = $list($filters)->limit(self::MOST)->get()->map(static fn (SignupJourney $j): array => [
                $j->asked_at->text(), $j->subscriber->subject->hex(), $j->edition->point->slug, (string) $j->edition->number, $j->language->value,
                ListSignups::word($j->state), $j->ended_at?->text() ?? '',
            ]);

            return Csv::respond('sign-ups.csv', ['asked', 'subject', 'point', 'edition', 'language', 'state', 'ended'], array_values($rows->all()));
        }
        $signups = $list($filters)->paginate(50)->withQueryString();

        return view('evidence.signups', [
            'signups' => $signups, 'filters' => $filters, 'states' => array_keys(ListSignups::STATES),
            'points' => Point::query()->orderBy('slug')->pluck('slug'),
            'addresses' => $personal->addressesOf(array_values(array_map(static fn (SignupJourney $j) => $j->subscriber->subject, $signups->items()))),
            'exact' => Moments::exact(...),
        ]);
    }
}
