<?php

declare(strict_types=1);

namespace App\Pages\Notes;

use App\Models\AcceptedFinding;
use App\Models\AnswerKind;
use App\Pages\Controls\PlaceId;
use App\Support\Underlines;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\Verdict;
use Juramen\Canon\ById;
use Juramen\Canon\Place;
use Juramen\Register\Language;

/** The notes of a document: as they stand in the margin, beside their places, and as underlines in its words. */
final readonly class Margin
{
    private const WORDS = ['breach' => 'Breach', 'weakness' => 'Weakness', 'open' => 'Open'];

    /** @var list<NoteView> */
    public array $notes;

    /** @var list<ToWrite> */
    public array $toWrite;

    public int $checked;

    public int $met;

    /**
     * @param  int  $offered  languages in which the document is written
     * @param  bool  $may  whether whoever looks may mend
     * @param  ById<AcceptedFinding>  $excepted
     * @param  Answers  $answers  what was said to them
     */
    public function __construct(private Judgement $judgement, int $offered, bool $may, ById $excepted, private Answers $answers)
    {
        $notes = array_map(static fn (Note $n): NoteView => self::view($n, $offered, $may, $excepted->get($n->key()), $answers), $judgement->notes);
        $open = static fn (NoteView $n): bool => $n->inOrder === null;
        // What was answered stands last, and is counted no more.
        $this->notes = [...array_filter($notes, $open), ...array_filter($notes, static fn (NoteView $n): bool => ! $open($n))];
        $this->toWrite = ToWrite::all($judgement->unwritten);
        $this->checked = $judgement->checked;
        $this->met = $judgement->met;
    }

    /** @return list<NoteView> notes about one of the places, whatever the language */
    public function at(string ...$places): array
    {
        $at = [];
        foreach ($this->judgement->notes as $note) {
            if (in_array($note->about()?->text(), $places, true) || in_array($note->result->place()?->text(), $places, true)) {
                $at[] = $note->number;
            }
        }

        return $this->numbered($at);
    }

    /** @return list<NoteView> notes about a part and whatever is written in it */
    public function within(string $part): array
    {
        $inside = array_filter($this->judgement->notes, static fn (Note $n): bool => str_starts_with($n->result->place()?->text().'/', "$part/"));

        return $this->numbered(array_map(static fn (Note $n): int => $n->number, $inside));
    }

    /** A text as HTML, with what notes speak of underlined. */
    public function underlined(string $text, Place $place): string
    {
        $unanswered = array_filter($this->judgement->notes, fn (Note $n): bool => $this->answers->said(AnswerKind::InOrder, $n) === null);

        return Underlines::html($text, $place, array_values($unanswered));
    }

    /**
     * @param  array<int>  $numbers
     * @return list<NoteView> those of them that were not said to be in order
     */
    private function numbered(array $numbers): array
    {
        return array_values(array_filter($this->notes, static fn (NoteView $n): bool => in_array($n->number, $numbers, true) && $n->inOrder === null));
    }

    private static function view(Note $note, int $offered, bool $may, ?AcceptedFinding $cover, Answers $answers): NoteView
    {
        $result = $note->result;
        $mend = $cover === null && $may ? $result->change : null;
        $place = $result->place();
        $sentence = $may ? $answers->sentence($note) : null;

        return new NoteView(
            $note->number, $result->verdict->value, self::WORDS[$result->verdict->value].($cover === null ? '' : ', excepted'),
            $result->says.($result->blocks === null ? '' : " It blocks publishing by a house rule: {$result->blocks}."),
            $result->requirement->source()->text, $result->requirement->id(),
            count($note->languages) < $offered ? implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $note->languages)) : '',
            $cover === null ? null : "{$cover->maker->name}, until {$cover->until}: {$cover->reason}",
            $mend?->label, $mend?->becomes, (string) json_encode(['note' => $note->key(), 'where' => $place?->text()]),
            $place === null ? '' : PlaceId::of($place->text()),
            $cover === null && $mend === null ? $result->mend : null,
            $answers->said(AnswerKind::InOrder, $note), $answers->said(AnswerKind::ReadWrongly, $note),
            $sentence !== null && $result->verdict === Verdict::Open, $sentence,
            $cover === null && $mend === null && $place?->first() === 'statements'
                && count($place->steps) > 1 ? route('records.show', ['statement', $place->steps[1]]) : null,
        );
    }

    /** How many of which verdict, in a few words. */
    public function summary(): string
    {
        $count = fn (string $verdict, string $one, string $more): string => match ($n = count(
            array_filter($this->notes, static fn (NoteView $note): bool => $note->verdict === $verdict && $note->inOrder === null)
        )) {
            0 => '',
            1 => "1 $one",
            default => "$n $more",
        };
        $parts = [
            $count('breach', 'breach', 'breaches'), $count('weakness', 'weakness', 'weaknesses'), $count('open', 'question', 'questions'),
            match ($n = count($this->toWrite)) {
                0 => '', 1 => '1 text to write', default => "$n texts to write"
            },
        ];

        return implode(', ', array_filter($parts, static fn (string $part): bool => $part !== '')) ?: 'no finding';
    }
}
