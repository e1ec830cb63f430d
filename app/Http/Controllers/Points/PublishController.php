<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\ExceptionDraft;
use App\Actions\Points\PausePoint;
use App\Actions\Points\PublicationRefused;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Pages\Points\PublishPage;
use App\Pages\Points\ShowPointHistory;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;

/** Publishing: reviewed whole the first time, by its difference after; a breach stops it unless somebody writes why not. */
final class PublishController
{
    public function review(Request $request, Point $point, ReviewPublication $review): View
    {
        return view('points.publish', ['page' => PublishPage::of($review->newest($point->load('record')), SignedIn::user($request))]);
    }

    public function publish(Request $request, Point $point, PublishPoint $publish): RedirectResponse
    {
        $exceptions = ExceptionDraft::fromReview($request->input('reason'), $request->input('until'));
        try {
            $edition = $publish($point->load('record'), SignedIn::user($request), $request->string('looked')->toString(), $exceptions);
        } catch (PublicationRefused $e) {
            $back = RefusedAnswer::onForm(redirect()->route('points.publish', $point->slug), 'looked', $e);
            $faults = [];
            foreach ($e->faults as $fault) {
                $faults[$fault->key] = $fault->ground->says();
            }

            return $back->withErrors($faults);
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points.publish', $point->slug), 'looked', $e);
        }

        return redirect()->route('points.sheet', $point->slug)->with('said', "Edition {$edition->number} is published. Visitors see it from now on.");
    }

    public function pausing(Point $point): View
    {
        $edition = $point->load('current')->current ?? abort(404);

        return view('points.pause', ['point' => $point, 'name' => $edition->edition()->sheet->draft->name, 'edition' => $edition->number]);
    }

    public function pause(Request $request, Point $point, PausePoint $pause): RedirectResponse
    {
        try {
            $pause($point, SignedIn::user($request), $request->boolean('on'), $request->string('reason')->trim()->toString());
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points.pausing', $point->slug), 'pause', $e);
        }

        return redirect()->route('points.sheet', $point->slug)
            ->with('said', $request->boolean('on') ? 'The form is paused. Visitors are told so, and nothing is taken.' : 'The form takes sign-ups again.');
    }

    /** Any two revisions, compared; its editions. */
    public function history(Request $request, Point $point, ShowPointHistory $show): View
    {
        return view('points.history', ['page' => $show->of($point->load('record'), $request->integer('from'), $request->integer('to'))]);
    }
}
