<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\AnswerKind;
use Illuminate\Foundation\Http\FormRequest;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;

/** What is said to a note, which is named by its finding and place. */
final class AnswerRequest extends FormRequest
{
    /** The note that is meant; null where it is found no more. */
    public function note(Judgement $judgement): ?Note
    {
        foreach ($judgement->notes as $note) {
            if ($note->key() === $this->string('note')->toString() && $note->result->place()?->text() === $this->string('where')->toString()) {
                return $note;
            }
        }

        return null;
    }

    /** Null where nothing is said that can be said. */
    public function kind(): ?AnswerKind
    {
        return AnswerKind::tryFrom($this->string('says')->toString());
    }

    /** @return array<string, mixed> nothing is validated here */
    public function rules(): array
    {
        return [];
    }
}
