<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Points\PublicationRefused;
use App\Actions\Registers\Approve;
use App\Actions\Registers\InForce;
use App\Actions\Registers\Propose;
use App\Actions\Registers\RecordPage;
use App\Actions\Registers\Refused;
use App\Actions\Registers\Touched;
use App\Models\RecordKind;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Digest;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\RecordDifference;

/** Submitting, approving and returning drafts, with the points that an approval touches. */
final class ApprovalController
{
    public function __construct(private readonly RecordPage $page, private readonly Propose $propose, private readonly Approve $approve) {}

    public function review(Request $request, RecordKind $kind, string $slug, InForce $inForce, Touched $touched): View
    {
        $record = $this->page->find($kind, $slug);
        $data = $this->page->of($record, $this->page->newest($record));
        $last = $data['editions']->first();
        // As it will stand once approved; which edition it becomes makes no difference to what is shown.
        $would = InForce::read($kind, $data['document'], Digest::of('to be approved'));

        return view('records.review', [
            ...$data,
            'difference' => RecordDifference::between($last?->document() ?? [], $data['document']),
            'touched' => $touched->by($data['registers']->with($would)),
            'fourEyes' => $this->approve->fourEyes(),
            'others' => $this->approve->others(SignedIn::user($request)),
            'writers' => $this->approve->writers($record, $last),
        ]);
    }

    public function submit(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $record = $this->page->find($kind, $slug);
        $this->propose->submit($record, SignedIn::user($request), $request->string('comment')->toString());

        return redirect()->route('records.show', [$kind->value, $slug])->with('said', 'Submitted. It stands on the officers\' desk until somebody decides.');
    }

    public function takeBack(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $this->propose->takeBack($this->page->find($kind, $slug), SignedIn::user($request));

        return redirect()->route('records.show', [$kind->value, $slug])->with('said', 'Taken back. It is a draft again.');
    }

    public function return(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $reply = $request->string('comment')->trim()->toString();
        if (mb_strlen($reply) < 5) {
            return $this->again($kind, $slug, 'Say in the comment what is to be changed.');
        }
        $this->propose->return($this->page->find($kind, $slug), SignedIn::user($request), $reply);

        return redirect()->route('records.show', [$kind->value, $slug])->with('said', 'Returned with your comment.');
    }

    public function approve(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        $points = array_filter((array) $request->input('points', []), is_string(...));
        try {
            $edition = ($this->approve)($this->page->find($kind, $slug), SignedIn::user($request), $request->integer('looked'), $request->string('comment')->toString(), $points, $request->string('effective')->toString() ?: null);
        } catch (Refused|PublicationRefused|InvalidDocument $e) {
            return $this->again($kind, $slug, $e->getMessage());
        }
        $n = count($points);

        return redirect()->route('records.show', [$kind->value, $slug])->with('said', "Edition {$edition->number} is approved.".match (true) {
            $n === 0 => '',
            $n === 1 => ' '.array_key_first($points).' is published with it.',
            default => " $n points are published with it.",
        });
    }

    public function retire(Request $request, RecordKind $kind, string $slug): RedirectResponse
    {
        try {
            $this->approve->retire($this->page->find($kind, $slug), SignedIn::user($request), $request->string('reason')->toString());
        } catch (Refused $e) {
            return redirect()->route('records.review', [$kind->value, $slug])->withInput()->withErrors(['reason' => $e->getMessage()]);
        }

        return redirect()->route('records.show', [$kind->value, $slug])->with('said', 'Retired. Its editions and what was agreed to stay on record.');
    }

    private function again(RecordKind $kind, string $slug, string $why): RedirectResponse
    {
        return redirect()->route('records.review', [$kind->value, $slug])->withInput()->withErrors(['approve' => $why]);
    }
}
