<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\ActRefusal;
use App\Models\AnswerKind;
use Illuminate\Foundation\Http\FormRequest;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\NotedSentence;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;

/** What is said to a note, which is named by its finding, its place and the sentence that somebody looked at. */
final class AnswerRequest extends FormRequest
{
    /** @throws Refused where it is not found in that sentence any more */
    public function note(Judgement $judgement, Document $statement): Note
    {
        foreach ($judgement->notes as $note) {
            if ($note->key() === $this->string('note')->toString() && $note->result->place()?->text() === $this->string('where')->toString()
                && NotedSentence::of($note, $statement)?->digest()->hex() === $this->string('sentence')->toString()) {
                return $note;
            }
        }
        throw Refused::because(ActRefusal::NotThisSentence);
    }

    /** @throws Refused where nothing is said that can be said */
    public function kind(): AnswerKind
    {
        return AnswerKind::tryFrom($this->string('says')->toString()) ?? throw Refused::because(ActRefusal::NoAnswer);
    }

    /** Whether it is taken back. */
    public function back(): bool
    {
        return $this->boolean('back');
    }
}
