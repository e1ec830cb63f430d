<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\ActRefusal;
use App\Actions\Points\ExceptionDraft;
use App\Actions\Points\HandOver;
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
        $publication = $review->newest($point->load('record'));

        return view('points.publish', ['page' => PublishPage::of($publication, $point->record->openProposal(), SignedIn::user($request))]);
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

    public function handOver(Request $request, Point $point, HandOver $hand): RedirectResponse
    {
        return $this->handed($point, 'Handed over. It stands on the officers\' desk until somebody decides.', function () use ($request, $point, $hand): void {
            $hand($point->load('record'), SignedIn::user($request), $request->string('comment')->toString());
        });
    }

    public function takeBack(Request $request, Point $point, HandOver $hand): RedirectResponse
    {
        return $this->handed($point, 'Taken back. It is a draft again.', function () use ($request, $point, $hand): void {
            $hand->takeBack($point->load('record'), SignedIn::user($request));
        });
    }

    public function return(Request $request, Point $point, HandOver $hand): RedirectResponse
    {
        return $this->handed($point, 'Sent back with your reply.', function () use ($request, $point, $hand): void {
            $hand->back($point->load('record'), SignedIn::user($request), $request->string('comment')->toString());
        });
    }

    /** @param  callable(): void  $do */
    private function handed(Point $point, string $said, callable $do): RedirectResponse
    {
        try {
            $do();
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points.publish', $point->slug), $e->isFor(ActRefusal::ReplyNeeded) ? 'comment' : 'looked', $e);
        }

        return redirect()->route('points.publish', $point->slug)->with('said', $said);
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
