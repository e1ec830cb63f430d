<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Upkeep\TakeUpWork;
use App\Pages\Office\WorkRow;
use App\Queries\Office\ListFailedWork;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Work that failed for good, for a person to have done again or to leave. */
final class WorkController
{
    public function index(ListFailedWork $list): View
    {
        return view('office.work', ['rows' => array_map(WorkRow::of(...), $list())]);
    }

    public function again(Request $request, string $work, TakeUpWork $take): RedirectResponse
    {
        return $this->back($take->again($work, SignedIn::user($request)), 'It is done again.');
    }

    public function leave(Request $request, string $work, TakeUpWork $take): RedirectResponse
    {
        return $this->back($take->leave($work, SignedIn::user($request)), 'It is left.');
    }

    private function back(bool $done, string $said): RedirectResponse
    {
        return redirect()->route('work')->with('said', $done ? $said : 'Somebody was quicker; nothing was changed.');
    }
}
