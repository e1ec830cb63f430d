<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Upkeep\TakeUpWork;
use App\Http\Requests\SeveralRequest;
use App\Pages\Office\WorkRow;
use App\Queries\Office\ListFailedWork;
use App\Support\SignedIn;
use App\Support\Sorting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Work that failed for good, for a person to have done again or to leave. */
final class WorkController
{
    public function index(Request $request, ListFailedWork $list): View
    {
        $sorting = Sorting::parse($request->query('sort'), ['failed', 'what', 'why'], '-failed');
        $rows = $sorting->sort(array_map(WorkRow::of(...), $list()), static fn (WorkRow $row, string $column): string => $row->cell($column));

        return view('office.work', ['rows' => $rows, 'sorting' => $sorting]);
    }

    public function again(Request $request, string $work, TakeUpWork $take): RedirectResponse
    {
        return $this->back($take->again($work, SignedIn::user($request)), 'It is done again.');
    }

    public function leave(Request $request, string $work, TakeUpWork $take): RedirectResponse
    {
        return $this->back($take->leave($work, SignedIn::user($request)), 'It is left.');
    }

    /** The chosen pieces, each by itself. */
    public function several(SeveralRequest $request, TakeUpWork $take): RedirectResponse
    {
        return redirect()->route('work')->with('said', match ($request->act()) {
            'again' => $request->each($take->again(...), 'done again'),
            'leave' => $request->each($take->leave(...), 'left'),
            default => abort(404),
        });
    }

    private function back(bool $done, string $said): RedirectResponse
    {
        return redirect()->route('work')->with('said', $done ? $said : 'Somebody was quicker; nothing was changed.');
    }
}
