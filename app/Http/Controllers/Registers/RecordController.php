<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\RecordPage;
use App\Actions\Registers\RecordPlaces;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use App\Support\SignedIn;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Conflict;
use Juramen\Canon\InvalidDocument;

/** A statement, or an entry of a register: shown, changed place by place, undone, judged while typing. */
final class RecordController
{
    /** Places whose change alters which fields the page shows, so that it is drawn anew. */
    private const ALTERING = '~^(?:purpose|channels|own|purposes|accent|basis|measures|country|until|contract|languages|child-ages/.*|double-opt-in|lapse-days|reminder-days)$~D';

    public function __construct(private readonly ChangeRecord $edit, private readonly RecordPage $page) {}

    public function show(RecordKind $kind, string $slug): View
    {
        $record = $this->record($kind, $slug);

        return view('records.show', $this->page->of($record, $this->page->newest($record)));
    }

    /** What was typed is judged and shown filled in, and not saved. */
    public function judge(Request $request, RecordKind $kind, string $slug): View|Response
    {
        $record = $this->record($kind, $slug);
        $newest = $this->page->newest($record);
        try {
            $document = RecordPlaces::apply($kind, $newest->document, $request->string('place')->toString(), $request->input('value'));

            return view('records.around', [...$this->page->of($record, $newest, $document), 'typing' => true]);
        } catch (InvalidDocument $e) {
            return $this->refused($e->getMessage());
        }
    }

    public function change(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = $this->record($kind, $slug);
        $place = $request->string('place')->toString();
        $value = $request->boolean('away') ? null : $request->input('value');
        $base = $request->integer('base');
        try {
            [$revision, $conflicts] = $this->edit->change($record, SignedIn::user($request), $base, $value === null ? "removed $place" : "changed $place",
                static fn (array $document): array => RecordPlaces::apply($kind, $document, $place, $value));
        } catch (InvalidDocument $e) {
            return $this->refused($e->getMessage());
        }
        $anew = $value === null || preg_match(self::ALTERING, $place) === 1 || $revision->number > $base + 1 || $conflicts !== [] || $request->boolean('anew');

        return $this->answer($record, $revision, $anew, $conflicts);
    }

    /** A note's mend, as the requirement made it for the words as they are now. */
    public function mend(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = $this->record($kind, $slug);
        $newest = $this->page->newest($record);
        foreach ($this->page->of($record, $newest)['judgement']->notes ?? [] as $note) {
            if ($note->result->change !== null && $note->key() === $request->string('note')->toString() && $note->result->where === $request->string('where')->toString()) {
                [$newest] = $this->edit->change($record, SignedIn::user($request), $newest->number, "mended {$note->result->requirement->id()}", $note->result->change->apply(...));
                break;
            }
        }

        return $this->answer($record, $newest, true);
    }

    public function undo(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = $this->record($kind, $slug);

        return $this->answer($record, $this->edit->undo($record, SignedIn::user($request)), true);
    }

    public function redo(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = $this->record($kind, $slug);

        return $this->answer($record, $this->edit->redo($record, SignedIn::user($request)), true);
    }

    /** What others changed since a revision; nothing where it is still the newest. */
    public function since(RecordKind $kind, string $slug, int $number): Response
    {
        $record = $this->record($kind, $slug);
        $newest = $this->page->newest($record);

        return $newest->number <= $number ? response('', 204) : $this->answer($record, $newest->load('author'), true, news: "{$newest->author->name} {$newest->said}.");
    }

    /** @param  list<Conflict>  $conflicts */
    private function answer(Record $record, Revision $revision, bool $anew, array $conflicts = [], string $news = ''): Response
    {
        $data = [...$this->page->of($record, $revision), 'conflicts' => $conflicts, 'news' => $news];

        return $anew
            ? response()->view('records.body', $data, 200, ['HX-Retarget' => '#sheet-body', 'HX-Reswap' => 'outerHTML'])
            : response()->view('records.around', $data);
    }

    /** Nothing was saved; what was typed stays where it is. */
    private function refused(string $why): Response
    {
        return response()->view('fields.refused', ['why' => $why], 422);
    }

    private function record(RecordKind $kind, string $slug): Record
    {
        return $this->page->find($kind, $slug);
    }
}
