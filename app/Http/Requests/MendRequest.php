<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Juramen\Audit\Judgement;
use Juramen\Audit\Mend;
use Juramen\Audit\Note;

/** A note's mend, named by its finding and place. */
final class MendRequest extends FormRequest
{
    /** The note that is meant; null where no such mend is offered any more. */
    public function note(Judgement $judgement): ?Note
    {
        foreach ($judgement->notes as $note) {
            if ($note->result->change !== null && $note->key() === $this->string('note')->toString()
                && $note->result->place()?->text() === $this->string('where')->toString()) {
                return $note;
            }
        }

        return null;
    }

    public static function of(?Note $note): ?Mend
    {
        return $note?->result->change;
    }
}
