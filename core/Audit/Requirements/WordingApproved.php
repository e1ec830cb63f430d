<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Verdict;

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
        $statements = $reading->sheet->statements ?? [];
        if ($statements === []) {
            return $this->notApplicable($reading->sheet === null ? 'Whether words were approved cannot be seen on a form.' : 'Nothing is agreed to here.');
        }
        $findings = array_map(
            fn (StatementFacts $s): Result => $this->finding(
                Verdict::Weakness, 'Nobody has approved these words yet, so they cannot be published.', $s->where->up(), null,
                'Submit the statement for approval, under Wording.'
            ),
            array_values(array_filter($statements, static fn (StatementFacts $s): bool => ! $s->approved)),
        );

        return $findings === [] ? $this->met('Every statement\'s edition was approved.', $reading->where) : $findings;
    }
}
