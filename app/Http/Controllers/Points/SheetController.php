<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\SheetPage;
use App\Actions\Points\SheetPlaces;
use App\Actions\Registers\ChangeRecord;
use App\Models\Point;
use App\Models\Revision;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Conflict;
use Juramen\Canon\InvalidDocument;
use Juramen\Register\Language;

/** The sheet of a signup point: shown, changed place by place, undone, judged while typing. */
final class SheetController
{
    /** Places whose change alters which sentences and fields the sheet shows, so that it is drawn anew. */
    private const ALTERING = '~^(?:languages|countries|kind|notice|departures/.*|fields/\d+|fields/add|fields/\d+/move|statements/.*)$~D';

    public function __construct(private readonly ChangeRecord $edit, private readonly SheetPage $page, private readonly SystemClock $clock) {}

    public function show(Request $request, Point $point): View
    {
        return view('points.sheet', $this->page->of($point, $this->newest($point), $this->language($request)));
    }

    /** What was typed is judged and shown in the proof, and not saved. */
    public function judge(Request $request, Point $point): View|Response
    {
        $newest = $this->newest($point);
        try {
            $document = SheetPlaces::apply($newest->document, $request->string('place')->toString(), $request->input('value'), SignedIn::user($request)->name, $this->today());

            return view('points.around', [...$this->page->of($point, $newest, $this->language($request), $document), 'typing' => true]);
        } catch (InvalidDocument $e) {
            return $this->refused($e->getMessage());
        }
    }

    public function change(Request $request, Point $point): Response
    {
        $place = $request->string('place')->toString();
        $value = $request->input('value');
        $user = SignedIn::user($request);
        try {
            [$revision, $conflicts] = $this->edit->change($point->record, $user, $request->integer('base'), "changed $place",
                fn (array $document): array => SheetPlaces::apply($document, $place, $value, $user->name, $this->today()));
        } catch (InvalidDocument $e) {
            return $this->refused($e->getMessage());
        }
        $anew = preg_match(self::ALTERING, $place) === 1 || $revision->number > $request->integer('base') + 1 || $conflicts !== [];

        return $this->answer($request, $point, $revision, $anew, $conflicts);
    }

    /** A note's mend, as the requirement made it for the sheet as it is now. */
    public function mend(Request $request, Point $point): Response
    {
        $newest = $this->newest($point);
        foreach ($this->page->of($point, $newest)['judgement']->notes as $note) {
            $change = $note->result->change;
            if ($change !== null && $note->key() === $request->string('note')->toString() && $note->result->where === $request->string('where')->toString()) {
                [$revision] = $this->edit->change($point->record, SignedIn::user($request), $newest->number, "mended {$note->result->requirement->id()}", $change->apply(...));

                return $this->answer($request, $point, $revision, true);
            }
        }

        return $this->answer($request, $point, $newest, true);
    }

    public function undo(Request $request, Point $point): Response
    {
        return $this->answer($request, $point, $this->edit->undo($this->loaded($point)->record, SignedIn::user($request)), true);
    }

    public function redo(Request $request, Point $point): Response
    {
        return $this->answer($request, $point, $this->edit->redo($this->loaded($point)->record, SignedIn::user($request)), true);
    }

    /** What others changed since a revision; nothing where it is still the newest. */
    public function since(Request $request, Point $point, int $number): Response
    {
        $newest = $this->newest($point);

        return $newest->number <= $number ? response('', 204) : $this->answer($request, $point, $newest->load('author'), true, news: "{$newest->author->name} {$newest->said}.");
    }

    /** The proof, for a frame in which nothing runs. */
    public function proof(Point $point, string $language, string $draft): Response
    {
        return response($this->page->proof($this->loaded($point), $draft, Language::tryFrom($language)), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; frame-ancestors 'self'; sandbox",
        ]);
    }

    /**
     * What stands around the fields, or the whole sheet where its fields or sentences are others now.
     *
     * @param  list<Conflict>  $conflicts
     */
    private function answer(Request $request, Point $point, Revision $revision, bool $anew, array $conflicts = [], string $news = ''): Response
    {
        $data = [...$this->page->of($point, $revision, $this->language($request)), 'conflicts' => $conflicts, 'news' => $news];

        return $anew
            ? response()->view('points.body', $data, 200, ['HX-Retarget' => '#sheet-body', 'HX-Reswap' => 'outerHTML'])
            : response()->view('points.around', $data);
    }

    /** Nothing was saved; what was typed stays where it is. */
    private function refused(string $why): Response
    {
        return response()->view('fields.refused', ['why' => $why], 422);
    }

    private function newest(Point $point): Revision
    {
        return $this->loaded($point)->record->revisions()->orderByDesc('number')->firstOrFail();
    }

    private function loaded(Point $point): Point
    {
        return $point->load('controller', 'record.newest');
    }

    private function today(): string
    {
        return $this->clock->instant()->utc->format('Y-m-d');
    }

    private function language(Request $request): ?Language
    {
        return Language::tryFrom($request->string('shown')->toString());
    }
}
