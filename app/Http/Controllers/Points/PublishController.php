<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\MakeException;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\SheetMoved;
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

/** Publishing: reviewed whole the first time, by its difference after; a breach stops it unless somebody writes why not. */
final class PublishController
{
    public function __construct(private readonly SheetPage $page) {}

    public function review(Point $point): View
    {
        $revision = $point->load('controller', 'record')->record->revisions()->orderByDesc('number')->firstOrFail();
        $data = $this->page->of($point, $revision);
        $before = $data['edition'] === null ? null : PointEdition::parse($data['edition']->bytes);

        return view('points.publish', [
            ...$data,
            'whole' => Sentences::of($data['sheet']),
            'difference' => $before === null ? null : SheetDifference::between($before->sheet, $data['sheet'], $before->controller, $data['registers']->controller($data['sheet']->controller)),
            'uncovered' => SheetPage::uncovered($data['judgement']->breaches(), $data['excepted']),
        ]);
    }

    public function publish(Request $request, Point $point, PublishPoint $publish, MakeException $except): RedirectResponse
    {
        $officer = SignedIn::user($request);
        $looked = $request->integer('looked');
        $faults = $except->fromReview($point->load('controller', 'record'), $officer, (array) $request->input('reason', []), (array) $request->input('until', []));
        if ($faults !== []) {
            return redirect()->route('points.publish', $point->slug)->withInput()->withErrors($faults);
        }
        try {
            $data = $this->page->of($point, $point->record->revisions()->where('number', $looked)->firstOrFail());
            if (SheetPage::uncovered($data['judgement']->breaches(), $data['excepted']) !== [] || $data['isPublished']) {
                return redirect()->route('points.publish', $point->slug);
            }
            $edition = $publish($point, $officer, $looked);
        } catch (SheetMoved|InvalidDocument $e) {
            return redirect()->route('points.publish', $point->slug)->withErrors(['looked' => $e->getMessage()]);
        }

        return redirect()->route('points.sheet', $point->slug)->with('said', "Edition {$edition->number} is published. Visitors see it from now on.");
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
