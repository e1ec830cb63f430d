<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Models\Exception as ExceptionRow;
use App\Models\Point;
use App\Models\SheetRevision;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\Cache;
use Juramen\Audit\Note;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Points\FormRenderer;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;

/** Brings together what the screen of a sheet shows: the sheet, its proof, its notes, and where its history stands. */
final class SheetPage
{
    public function __construct(private readonly JudgeSheet $judge, private readonly EditSheet $edit, private readonly SystemClock $clock) {}

    /**
     * @param  array<string, mixed>|null  $document  what is being typed, where that is not saved yet
     * @return array<string, mixed>
     */
    public function of(Point $point, SheetRevision $revision, ?Language $shown = null, ?array $document = null): array
    {
        $sheet = Sheet::read($document ?? $revision->document);
        $shown = $shown !== null && $sheet->offers($shown) ? $shown : $sheet->languages[0];
        $history = $this->edit->history($point);
        $edition = $point->editions()->orderByDesc('number')->first();

        return [
            'point' => $point,
            'sheet' => $sheet,
            'revision' => $revision,
            'judgement' => ($this->judge)($point, $sheet),
            'excepted' => $this->exceptions($point),
            'shown' => $shown,
            'proof' => $this->keepDraft($sheet),
            'controller' => json_decode($point->controller->document, true)['name'],
            'undo' => $history->undo() !== null,
            'redo' => $history->redo() !== null,
            'edition' => $edition,
            'isPublished' => $edition !== null && json_decode($edition->bytes, true)['sheet'] == $revision->document,
        ];
    }

    /** Keeps what is being typed for as long as its proof is looked at; a sheet holds nothing personal. */
    private function keepDraft(Sheet $sheet): string
    {
        $json = CanonicalJson::encode($sheet->document);
        $name = Digest::of($json)->hex();
        Cache::put("proof:$name", $json, 900);

        return $name;
    }

    /** The sheet that a proof was promised of; the newest revision where it is no longer kept. */
    public function draft(Point $point, string $name): Sheet
    {
        $json = Cache::get("proof:$name");
        $document = is_string($json) ? json_decode($json, true) : null;

        return Sheet::read(is_array($document) && ($document['point'] ?? null) === $point->slug ? $document : $point->revisions()->orderByDesc('number')->firstOrFail()->document);
    }

    /** The form as it would be frozen, with a stand-in for what is not written yet. */
    public function proof(Point $point, Sheet $sheet, Language $language): string
    {
        $controller = Controller::from(json_decode($point->controller->document, true));

        return (new FormRenderer($sheet->filled(), $controller, '/LANGUAGE', route('look', $controller->id, false)))->render($language, VisitorWords::form($language))->html;
    }

    /** @return array<string, ExceptionRow> by the key of the note they cover, those that still hold */
    public function exceptions(Point $point): array
    {
        return ExceptionRow::query()->with('maker')->where('point_id', $point->id)->where('until', '>=', $this->clock->instant()->utc->format('Y-m-d'))->get()
            ->keyBy(static fn (ExceptionRow $row): string => $row->requirement.' '.$row->place)->all();
    }

    /**
     * @param  list<Note>  $breaches
     * @param  array<string, ExceptionRow>  $excepted
     * @return list<Note> those that no exception covers
     */
    public static function uncovered(array $breaches, array $excepted): array
    {
        return array_values(array_filter($breaches, static fn (Note $n): bool => ! isset($excepted[$n->key()])));
    }
}
