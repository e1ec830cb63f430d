<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\ActLog;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use App\Models\Record;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Note;
use Juramen\Audit\NotedSentence;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;

/**
 * Somebody says to a note that what it asks is in order, or that the sentence was read wrongly; said again, it is taken back. A question can
 * be answered so; a breach or a weakness stays what it is, whoever says that it was read wrongly.
 */
final readonly class AnswerNote
{
    public function __construct(private ActLog $log, private SystemClock $clock) {}

    /** Nothing happens where the note speaks of no sentence, or is no question that could be answered. */
    public function __invoke(Record $record, Document $statement, Note $note, AnswerKind $kind, User $by): void
    {
        $sentence = NotedSentence::of($note, $statement);
        if ($sentence === null || ($kind === AnswerKind::InOrder && $note->result->verdict !== Verdict::Open)) {
            return;
        }
        DB::transaction(function () use ($record, $sentence, $note, $kind, $by): void {
            $answer = [
                'record_id' => $record->id, 'requirement' => $note->result->requirement->id(), 'language' => $sentence->language->value,
                'sentence_digest' => $sentence->digest()->bytes, 'kind' => $kind->value,
            ];
            $back = NoteAnswer::query()->where($answer)->delete() > 0;
            if (! $back) {
                NoteAnswer::query()->insertOrIgnore([
                    ...$answer, 'verdict' => $note->result->verdict->value, 'sentence' => $sentence->text, 'made_by' => $by->id,
                    'made_at' => Instants::write($this->clock->instant()),
                ]);
            }
            $did = $kind === AnswerKind::InOrder ? ActKind::AnsweredNote : ActKind::SaidReadWrongly;
            $this->log->write($by, $did, $record->name()->text(), $note->result->requirement->id().($back ? ', taken back' : ''));
        }, 3);
    }
}
