<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** The point's purposes stand in the record of processing with what Art. 30 asks for, from which the report prints its entries. */
final class ProcessingRecorded extends FormRequirement
{
    public function id(): string
    {
        return 'processing-recorded';
    }

    public function title(): string
    {
        return 'The record of processing has it.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 30(1)', SourceKind::Law);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        $sheet = $reading->sheet;
        if ($sheet === null || $sheet->statements === []) {
            return $this->notApplicable('Nothing is agreed to here that the record could have.');
        }
        $lacks = $sheet->controller->contact === '' ? ['an address at which the controller is reached'] : [];
        foreach ($sheet->statements as $statement) {
            if ($statement->contents === '' && ! in_array('what comes, by purpose', $lacks, true)) {
                $lacks[] = 'what comes, by purpose';
            }
        }

        return $lacks === [] ? $this->met('Controller, purposes, recipients, transfers and times of deletion are on record.') : [$this->finding(
            Verdict::Weakness, 'The entry for the record of processing lacks '.implode(' and ', $lacks).'.', $reading->where, null,
            'Write it in the registers; the report prints the entry.'
        )];
    }
}
