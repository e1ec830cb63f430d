<?php

declare(strict_types=1);

namespace App\Pages\Notes;

use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use App\Models\Record;
use App\Support\Moments;
use Juramen\Audit\Note;
use Juramen\Audit\NotedSentence;
use Juramen\Canon\Document;

/** What was said to the notes of a statement, as far as their sentences are still the same. */
final readonly class Answers
{
    /** @param  array<string, NoteAnswer>  $said */
    private function __construct(private ?Document $statement, private array $said) {}

    public static function none(): self
    {
        return new self(null, []);
    }

    public static function to(Record $record, Document $statement): self
    {
        $said = [];
        foreach (NoteAnswer::query()->with('maker')->where('record_id', $record->id)->get() as $answer) {
            $said[self::key($answer->kind, $answer->requirement, $answer->language, $answer->sentence_digest->bytes)] = $answer;
        }

        return new self($statement, $said);
    }

    /** Who said so of a note, and when; null where nobody did. */
    public function said(AnswerKind $kind, Note $note): ?string
    {
        $sentence = $this->statement === null ? null : NotedSentence::of($note, $this->statement);
        $answer = $sentence === null ? null
            : $this->said[self::key($kind, $note->result->requirement->id(), $sentence->language->value, $sentence->digest()->bytes)] ?? null;

        return $answer === null ? null : $answer->maker->name.', '.Moments::day($answer->made_at);
    }

    /** Digest of the sentence that a note speaks of; null where nothing can be said to it. */
    public function sentence(Note $note): ?string
    {
        return $this->statement === null ? null : NotedSentence::of($note, $this->statement)?->digest()->hex();
    }

    private static function key(AnswerKind $kind, string $requirement, string $language, string $digest): string
    {
        return implode(' ', [$kind->value, $requirement, $language, bin2hex($digest)]);
    }
}
