<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\InForce;
use App\Models\Exception as ExceptionRow;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\Revision;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\Cache;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Points\FormRenderer;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Language;

/** Brings together what the screen of a sheet shows: the sheet, its proof, its notes, its rules, and where its history stands. */
final class SheetPage
{
    public function __construct(private readonly JudgeSheet $judge, private readonly ChangeRecord $edit, private readonly InForce $inForce, private readonly ReviewPublication $review) {}

    /**
     * @param  array<string, mixed>|null  $document  what is being typed, where that is not saved yet
     * @return array<string, mixed>
     */
    public function of(Point $point, Revision $revision, ?Language $shown = null, ?array $document = null): array
    {
        $document ??= $revision->document;
        $registers = $this->inForce->registers();
        $sheet = Sheet::read($registers->complete($document));
        $shown = $shown !== null && $sheet->offers($shown) ? $shown : $sheet->languages[0];
        $judgement = ($this->judge)($sheet, $registers);
        $history = $this->edit->history($point->record);
        $edition = $point->editions()->orderByDesc('number')->first();

        return [
            'point' => $point,
            'sheet' => $sheet,
            'revision' => $revision,
            'registers' => $registers,
            'holdings' => $registers->holdings($document),
            'judgement' => $judgement,
            'excepted' => $this->excepted($point, $sheet, $judgement),
            'shown' => $shown,
            'proof' => $this->keepDraft($document),
            'controller' => $registers->controller($sheet->controller)->name,
            'undo' => $history->undo() !== null,
            'redo' => $history->redo() !== null,
            'edition' => $edition,
            'isPublished' => $edition !== null && ! self::isDraft($edition, $sheet, $registers),
        ];
    }

    /** Whether the sheet is not what visitors see: because it was changed, or because the registers were. */
    public static function isDraft(EditionRow $edition, Sheet $sheet, Registers $registers): bool
    {
        return ! PointEdition::parse($edition->bytes)->shows($sheet, $registers->controller($sheet->controller));
    }

    /**
     * Keeps what is being typed for as long as its proof is looked at; a sheet holds nothing personal.
     *
     * @param  array<string, mixed>  $document
     */
    private function keepDraft(array $document): string
    {
        $json = CanonicalJson::encode($document);
        $name = Digest::of($json)->hex();
        Cache::put("proof:$name", $json, 900);

        return $name;
    }

    /** The form as it would be frozen, with a stand-in for what is not written yet; of the draft that its proof was promised of, or of the newest revision where that is no longer kept. */
    public function proof(Point $point, string $name, ?Language $language): string
    {
        $json = Cache::get("proof:$name");
        $document = is_string($json) ? json_decode($json, true) : null;
        $kept = is_array($document) && ($document['point'] ?? null) === $point->slug ? $document : $point->record->newest?->document;
        $registers = $this->inForce->registers();
        $sheet = Sheet::read($registers->complete($kept ?? []));
        $language = $language !== null && $sheet->offers($language) ? $language : $sheet->languages[0];
        $controller = $registers->controller($sheet->controller);

        return (new FormRenderer($sheet->filled(), $controller, '/LANGUAGE', route('look', $controller->id, false)))->render($language, VisitorWords::form($language))->html;
    }

    /** @return array<string, ExceptionRow> by the key of the note they cover, those that hold */
    private function excepted(Point $point, Sheet $sheet, Judgement $judgement): array
    {
        $findings = Finding::of($sheet, $judgement->notes);
        $excepted = [];
        foreach ($this->review->covering($point, $findings) as $key => $row) {
            foreach ($findings[$key]->notes as $note) {
                $excepted[$note->key()] = $row;
            }
        }

        return $excepted;
    }
}
