<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
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
use Juramen\Canon\Refused;

/**
 * Somebody says to a note that what it asks is in order, or that the sentence was read wrongly, or takes that back; said twice, it is said
 * once. A question can be answered so; a breach or a weakness stays what it is, whoever says that it was read wrongly.
 */
final readonly class AnswerNote
{
    public function __construct(private ActLog $log, private SystemClock $clock) {}

    /** @throws Refused where the note speaks of no sentence, or is no question that could be answered */
    public function __invoke(Record $record, Document $statement, Note $note, AnswerKind $kind, bool $back, User $by): void
    {
        $sentence = NotedSentence::of($note, $statement) ?? throw Refused::because(ActRefusal::NotThisSentence);
        if ($kind === AnswerKind::InOrder && $note->result->verdict !== Verdict::Open) {
            throw Refused::because(ActRefusal::NotAsked);
        }
        DB::transaction(function () use ($record, $sentence, $note, $kind, $back, $by): void {
            $answer = [
                'record_id' => $record->id, 'requirement' => $note->result->requirement->id(), 'language' => $sentence->language->value,
                'sentence_digest' => $sentence->digest()->bytes, 'kind' => $kind->value,
            ];
            $changed = $back ? NoteAnswer::query()->where($answer)->delete() : NoteAnswer::query()->insertOrIgnore([
                ...$answer, 'verdict' => $note->result->verdict->value, 'sentence' => $sentence->text, 'made_by' => $by->id,
                'made_at' => Instants::write($this->clock->instant()),
            ]);
            if ($changed > 0) {
                $did = $kind === AnswerKind::InOrder ? ActKind::AnsweredNote : ActKind::SaidReadWrongly;
                $this->log->write($by, $did, $record->name()->text(), $note->result->requirement->id().($back ? ', taken back' : ''));
            }
        }, 3);
    }
}
