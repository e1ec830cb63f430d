<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Points\ChosenPoint;
use App\Actions\Registers\Approve;
use App\Actions\Registers\Propose;
use App\Http\RefusedAnswer;
use App\Models\Record;
use App\Pages\Registers\ShowReview;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Day;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;

/** Submitting, approving and returning drafts, with the points that an approval touches. */
final class ApprovalController
{
    public function __construct(private readonly Propose $propose, private readonly Approve $approve) {}

    public function review(Request $request, RecordKind $kind, string $slug, ShowReview $show): View
    {
        return view('records.review', ['page' => $show->of(Record::named($kind, $slug), SignedIn::user($request))]);
    }

    public function submit(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        try {
            $day = $kind === RecordKind::Rules && $request->filled('effective') ? Day::parse($request->string('effective')->toString()) : null;
        } catch (Refused $e) {
            return $this->again($kind, $slug, 'approve', $e);
        }
        $this->propose->submit(Record::named($kind, $slug), SignedIn::user($request), $request->string('comment')->toString(), $day);

        return $this->done($kind, $slug, 'Submitted. It stands on the officers\' desk until somebody decides.');
    }

    public function takeBack(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $this->propose->takeBack(Record::named($kind, $slug), SignedIn::user($request));

        return $this->done($kind, $slug, 'Taken back. It is a draft again.');
    }

    public function return(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        try {
            $this->propose->return(Record::named($kind, $slug), SignedIn::user($request), $request->string('comment')->toString());
        } catch (Refused $e) {
            return $this->again($kind, $slug, 'approve', $e);
        }

        return $this->done($kind, $slug, 'Returned with your comment.');
    }

    public function approve(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $points = [];
        foreach ((array) $request->input('points', []) as $point => $looked) {
            $points[] = new ChosenPoint((string) $point, is_string($looked) ? $looked : '');
        }
        try {
            $edition = ($this->approve)(
                new RecordName($kind, Slug::parse($slug)), SignedIn::user($request), $request->integer('looked'),
                $request->string('comment')->toString(), $points, $request->string('effective')->toString() ?: null,
                array_values(array_filter(array_map(Language::tryFrom(...), array_filter((array) $request->input('fit', []), is_string(...))))),
            );
        } catch (Refused $e) {
            return $this->again($kind, $slug, 'approve', $e);
        }

        return $this->done($kind, $slug, "Edition {$edition->number} is approved.".match (count($points)) {
            0 => '',
            1 => " {$points[0]->slug} is published with it.",
            default => ' '.count($points).' points are published with it.',
        });
    }

    public function retire(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        try {
            $this->approve->retire(Record::named($kind, $slug), SignedIn::user($request), $request->string('reason')->toString());
        } catch (Refused $e) {
            return $this->again($kind, $slug, 'reason', $e);
        }

        return $this->done($kind, $slug, 'Retired. Its editions and what was agreed to stay on record.');
    }

    private function done(RecordKind $kind, string $slug, string $said): RedirectResponse
    {
        return redirect()->route('records.show', [$kind->value, $slug])->with('said', $said);
    }

    private function again(RecordKind $kind, string $slug, string $field, Refused $refused): RedirectResponse
    {
        return RefusedAnswer::onForm(redirect()->route('records.review', [$kind->value, $slug]), $field, $refused);
    }
}
