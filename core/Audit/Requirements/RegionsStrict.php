<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;

/** Who is asked for consent does not hang on a guess where somebody is; where nobody knows, the strictest rule holds. */
final class RegionsStrict extends FormRequirement
{
    public function id(): string
    {
        return 'regions-strict';
    }

    public function title(): string
    {
        return 'Nobody is asked less because of a guess.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 3, 24', SourceKind::Ours);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet === null || ! $reading->isAboutConsent()) {
            return $this->notApplicable('It is asked of forms of ours that ask for consent.');
        }

        return $reading->audience->isKnown() || $reading->sheet->unknownIsStrict
            ? $this->met('Everybody sees the same words; where nobody knows where people are, the strictest rule holds.')
            : [$this->finding(
                Verdict::Weakness, 'Nobody has said where the people are, and the house does not take the strictest rule then.', Place::of('countries'), null,
                'Say which countries the form is for, or let the house rules be strict for nobody knows where.'
            )];
    }
}
