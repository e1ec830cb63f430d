<?php

declare(strict_types=1);

namespace App\Pages\Notes;

use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use App\Models\Record;
use App\Support\Moments;
use Closure;
use Juramen\Audit\Note;
use Juramen\Audit\NotedSentence;
use Juramen\Canon\Document;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\RecordKind;
use Juramen\Wording\Statement;

/** What was said to the notes of statements, as far as their sentences are still the same. */
final readonly class Answers
{
    /**
     * @param  Closure(Note): ?NotedSentence  $sentence  of which a note speaks
     * @param  array<string, NoteAnswer>  $said
     * @param  bool  $here  whether something can be said here, and not only at the statement
     */
    private function __construct(private Closure $sentence, private array $said, private bool $here) {}

    public static function to(Record $record, Document $statement): self
    {
        return new self(static fn (Note $note): ?NotedSentence => NotedSentence::of($note, $statement), self::all([$record->id => '']), true);
    }

    /** What was said at the statements that a sheet asks with. */
    public static function onSheet(Sheet $sheet, Registers $registers): self
    {
        $slugs = array_map(static fn (Statement $s): string => $s->id->text, $sheet->statements);
        /** @var array<int, string> $statements */
        $statements = Record::query()->where('kind', RecordKind::Statement)->whereIn('slug', $slugs)->pluck('slug', 'id')->all();

        return new self(static fn (Note $note): ?NotedSentence => NotedSentence::onSheet($note, $sheet, $registers), self::all($statements), false);
    }

    /**
     * @param  array<int, string>  $statements  by the id of their record, how notes name them; nothing where they speak of no other
     * @return array<string, NoteAnswer>
     */
    private static function all(array $statements): array
    {
        $said = [];
        foreach (NoteAnswer::query()->with('maker')->whereIn('record_id', array_keys($statements))->get() as $answer) {
            $key = self::key($statements[$answer->record_id] ?? '', $answer->kind, $answer->requirement, $answer->language, $answer->sentence_digest->bytes);
            $said[$key] = $answer;
        }

        return $said;
    }

    /** Who said so of a note, and when; null where nobody did. */
    public function said(AnswerKind $kind, Note $note): ?string
    {
        $sentence = ($this->sentence)($note);
        $place = $note->result->place();
        $statement = $place?->first() === 'statements' ? $place->steps[1] ?? '' : '';
        $answer = $sentence === null ? null
            : $this->said[self::key($statement, $kind, $note->result->requirement->id(), $sentence->language->value, $sentence->digest()->bytes)] ?? null;

        return $answer === null ? null : $answer->maker->name.', '.Moments::day($answer->made_at);
    }

    /** Digest of the sentence that a note speaks of; null where nothing can be said to it here. */
    public function sentence(Note $note): ?string
    {
        return $this->here ? ($this->sentence)($note)?->digest()->hex() : null;
    }

    private static function key(string $statement, AnswerKind $kind, string $requirement, string $language, string $digest): string
    {
        return implode(' ', [$statement, $kind->value, $requirement, $language, bin2hex($digest)]);
    }
}
