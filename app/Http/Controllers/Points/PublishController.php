<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\ExceptionDraft;
use App\Actions\Points\PausePoint;
use App\Actions\Points\PublicationRefused;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Actions\Points\SheetPage;
use App\Actions\Registers\InForce;
use App\Models\Point;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\PointEdition;
use Juramen\Points\Sentences;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDifference;
use Juramen\Wording\Statement;

/** Publishing: reviewed whole the first time, by its difference after; a breach stops it unless somebody writes why not. */
final class PublishController
{
    public function __construct(private readonly SheetPage $page, private readonly ReviewPublication $review) {}

    public function review(Point $point): View
    {
        $publication = $this->review->newest($point->load('controller', 'record'));

        return view('points.publish', [
            ...$this->page->of($point, $publication->revision),
            'publication' => $publication,
            'whole' => Sentences::of($publication->sheet),
            'unapproved' => array_map(static fn (Statement $s): string => $s->id, array_filter($publication->sheet->statements, static fn (Statement $s): bool => ! $s->isApproved())),
        ]);
    }

    public function publish(Request $request, Point $point, PublishPoint $publish): RedirectResponse
    {
        $exceptions = ExceptionDraft::fromReview((array) $request->input('reason', []), (array) $request->input('until', []));
        try {
            $edition = $publish($point->load('controller', 'record'), SignedIn::user($request), $request->string('looked')->toString(), $exceptions);
        } catch (PublicationRefused $e) {
            return redirect()->route('points.publish', $point->slug)->withInput()->withErrors([...$e->faults, 'looked' => $e->getMessage()]);
        } catch (InvalidDocument $e) {
            return redirect()->route('points.publish', $point->slug)->withInput()->withErrors(['looked' => $e->getMessage()]);
        }

        return redirect()->route('points.sheet', $point->slug)->with('said', "Edition {$edition->number} is published. Visitors see it from now on.");
    }

    public function pausing(Point $point): View
    {
        $edition = $point->editions()->orderByDesc('number')->first() ?? abort(404);

        return view('points.pause', ['point' => $point, 'name' => PointEdition::parse($edition->bytes)->sheet->name, 'edition' => $edition->number]);
    }

    public function pause(Request $request, Point $point, PausePoint $pause): RedirectResponse
    {
        try {
            $pause($point, SignedIn::user($request), $request->boolean('on'), $request->string('reason')->trim()->toString());
        } catch (PublicationRefused $e) {
            return redirect()->route('points.pausing', $point->slug)->withInput()->withErrors(['pause' => $e->getMessage()]);
        }

        return redirect()->route('points.sheet', $point->slug)->with('said', $request->boolean('on') ? 'The form is paused. Visitors are told so, and nothing is taken.' : 'The form takes sign-ups again.');
    }

    /** Any two revisions or editions, compared. */
    public function history(Request $request, Point $point, InForce $inForce): View
    {
        $registers = $inForce->registers();
        $revisions = $point->load('controller', 'record')->record->revisions()->with('author')->orderByDesc('number')->limit(200)->get();
        $newest = $revisions[0]->number;
        $from = $request->integer('from') ?: max(1, $newest - 1);
        $to = $request->integer('to') ?: $newest;
        $sheet = static fn (int $number): Sheet => Sheet::read($registers->complete($point->record->revisions()->where('number', $number)->firstOrFail()->document));

        return view('points.history', [
            'point' => $point, 'revisions' => $revisions, 'from' => $from, 'to' => $to,
            'editions' => $point->editions()->orderByDesc('number')->with('publisher')->get(),
            'difference' => SheetDifference::between($sheet($from), $sheet($to)),
        ]);
    }
}
