<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;

/** The words of each statement were approved; where the house demands four eyes, by somebody who did not write them. */
final class WordingApproved extends FormRequirement
{
    public function id(): string
    {
        return 'wording-approved';
    }

    public function title(): string
    {
        return 'The words were approved.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 24; good practice', SourceKind::Ours);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        $unregistered = array_filter($reading->sheet === null ? [] : $reading->consents(), fn (Control $c): bool => $this->isUnregistered($reading, $c));
        $statements = $reading->sheet->statements ?? [];
        if ($statements === [] && $unregistered === []) {
            return $this->notApplicable($reading->sheet === null ? 'Whether words were approved cannot be seen on a form.' : 'Nothing is agreed to here.');
        }
        $findings = [
            ...array_map(fn (StatementFacts $s): Result => $this->finding(
                Verdict::Weakness, 'Nobody has approved these words yet, so they cannot be published.', $s->where->up(), null,
                'Submit the statement for approval, under Wording.'
            ), array_values(array_filter($statements, static fn (StatementFacts $s): bool => ! $s->approved))),
            ...array_map(fn (Control $c): Result => $this->finding(
                Verdict::Weakness, 'A question of the form\'s own asks for consent: nobody approves its words, and its answer gives no permission.', $c->where,
                Found::all($c->label), 'Word a statement for it, under Wording, and put that on the sheet instead.'
            ), array_values($unregistered)),
        ];

        return $findings === [] ? $this->met('Every statement\'s edition was approved.', $reading->where) : $findings;
    }

    /** What a letter is to be about is chosen beside the statement that it comes; a question of its own asks for it by itself. */
    private function isUnregistered(Reading $reading, Control $control): bool
    {
        return $reading->factsOf($control) === null
            && $reading->listener()->hears($control->label, Meaning::Sends, Meaning::PassedOn, Meaning::AsksForNo);
    }
}
