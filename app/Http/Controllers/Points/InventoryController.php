<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\BeginPoint;
use App\Actions\Points\CopyPoint;
use App\Actions\Points\TakePoints;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Pages\Points\InventoryPage;
use App\Pages\Points\PointRow;
use App\Queries\Points\PointFilter;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Every signup point in one list. */
final class InventoryController
{
    private const COLUMNS = [
        'point', 'name', 'place', 'controller', 'kind', 'languages', 'countries', 'state', 'elsewhere', 'double_opt_in', 'edition', 'draft',
        'breaches', 'weaknesses',
        'to_do', 'signups_30_days',
    ];

    public function __construct(private readonly RegistersInForce $inForce, private readonly SystemClock $clock) {}

    public function index(Request $request, PointStatuses $statuses): View|StreamedResponse
    {
        $sorting = Sorting::parse($request->query('sort'), PointRow::COLUMNS, 'name');
        $filter = PointFilter::from($request);
        $today = $this->clock->today();
        $all = $statuses();
        $points = $sorting->sort(
            array_values(array_filter($all, static fn (PointStatus $s): bool => $filter->lets($s, $s->life($today)))), PointRow::sortsBy(...)
        );
        if ($request->query('as') === 'csv') {
            return Csv::respond('signup-points.csv', self::COLUMNS, array_map($this->line(...), $points));
        }

        return view('points.index', ['page' => InventoryPage::of(
            $all, $points, $filter, $sorting, $this->inForce, $this->clock, SignedIn::user($request), $request->query('as') === 'picture',
            is_string($chosen = $request->old('statement')) ? $chosen : '', is_string($from = $request->old('starter')) ? $from : ''
        )]);
    }

    public function begin(Request $request, BeginPoint $begin): RedirectResponse
    {
        try {
            $point = $begin(
                $request->string('name')->trim()->toString(), $request->string('starter')->toString(), $request->string('statement')->toString(),
                SignedIn::user($request), $request->string('elsewhere')->trim()->toString()
            );
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points'), 'name', $e);
        }

        return redirect()->route('points.sheet', $point->slug);
    }

    /** Stock taken from a file. */
    public function take(Request $request, TakePoints $take): RedirectResponse
    {
        $file = $request->file('file');
        try {
            $count = $take($file instanceof UploadedFile ? (string) $file->getContent() : '', SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::eachOnForm(redirect()->route('points'), 'file', $e);
        }

        return redirect()->route('points')->with('said', $count === 1 ? 'One point was begun.' : "$count points were begun.");
    }

    public function copy(Request $request, Point $point, CopyPoint $copy): RedirectResponse
    {
        try {
            $made = $copy($point->load('record'), $request->string('copy')->trim()->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points.sheet', $point->slug), 'copy', $e);
        }

        return redirect()->route('points.sheet', $made->slug)->with('said', 'Copied. It follows the house: departures and exceptions are not taken along.');
    }

    /** @return list<string> */
    private function line(PointStatus $status): array
    {
        $draft = $status->sheet->draft;
        $yes = static fn (bool $is): string => $is ? 'yes' : 'no';

        return [
            $status->point->slug, $draft->name, $draft->place, $draft->controller->text, $draft->kind->value,
            implode(' ', array_map(static fn (Language $l): string => $l->value, $draft->languages)),
            implode(' ', array_map(static fn (Country $c): string => $c->code, $draft->countries)), $status->life($this->clock->today())->value,
            $draft->elsewhere,
            $yes($status->sheet->rules->doubleOptIn), (string) $status->edition, $yes($status->draft), (string) $status->breaches, (string) $status->weaknesses,
            (string) $status->toDo(), (string) $status->signups,
        ];
    }
}
