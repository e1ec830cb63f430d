<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use Illuminate\Support\Collection;

/** Sentences that were said to be read wrongly: what whoever maintains a language writes beside its meanings. */
final class MisreadSentences
{
    /** @return Collection<int, NoteAnswer> newest first; of all requirements where none is named */
    public function of(?string $requirement = null): Collection
    {
        return NoteAnswer::query()->with('maker')->where('kind', AnswerKind::ReadWrongly)
            ->when($requirement !== null, static fn ($query) => $query->where('requirement', $requirement))->orderByDesc('id')->limit(500)->get();
    }

    /** As lines that the languages' own sentences are written in, each under what was found in it. */
    public function text(): string
    {
        $lines = ['# Sentences that were said to be read wrongly. docs/languages.md tells what to do with them.'];
        foreach ($this->of() as $said) {
            array_push($lines, '', "# {$said->requirement}, {$said->verdict}, {$said->language}", '- '.preg_replace('~\s+~u', ' ', $said->sentence));
        }

        return implode("\n", $lines)."\n";
    }
}
