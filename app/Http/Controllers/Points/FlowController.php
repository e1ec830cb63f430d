<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Models\Point;
use App\Pages\Flow\FlowPage;
use App\Pages\Flow\FlowStep;
use App\Queries\Flow\FlowFilter;
use App\Queries\Flow\ReadFlow;
use App\Queries\Flow\ReadTrials;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** How sign-ups at a point go. */
final class FlowController
{
    public function show(
        Request $request, Point $point, ReadFlow $read, ReadTrials $trials, RegistersInForce $inForce, SystemClock $clock
    ): View|StreamedResponse {
        $page = FlowPage::of($point, FlowFilter::parse($request->query(), $clock->today()), $read, $trials, $inForce, SignedIn::user($request));
        if ($request->query('as') === 'csv') {
            return Csv::respond("$point->slug-flow.csv", ['step', 'count'], array_map(
                static fn (FlowStep $s): array => [$s->name, $s->count === null ? 'not known' : (string) $s->count], $page->drawing->steps
            ));
        }

        return view('points.flow', ['page' => $page, 'point' => $point]);
    }
}
