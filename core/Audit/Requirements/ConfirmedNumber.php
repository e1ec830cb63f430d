<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Mend;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Register\Channel;
use Juramen\Register\Rule;

/** Consent to calls or messages is confirmed through the number: an email proves nothing of it. */
final class ConfirmedNumber extends FormRequirement
{
    public function id(): string
    {
        return 'confirmed-number';
    }

    public function title(): string
    {
        return 'A number is confirmed through that number.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(1); BGH I ZR 164/09', SourceKind::Case);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        $channels = array_merge([], ...array_map(static fn (StatementFacts $s): array => $s->channels, $reading->sheet->statements ?? []));
        $byNumber = array_filter($channels, static fn (Channel $c): bool => $c->isByNumber());
        if ($reading->sheet === null || $byNumber === []) {
            return $this->notApplicable($reading->sheet === null ? 'Whether a number is confirmed cannot be seen on a form.' : 'Nobody is reached by a number.');
        }

        $rule = Place::of('rules', Rule::DoubleOptIn->value);

        return $reading->sheet->doubleOptIn ? $this->met('Whoever agrees to calls or messages confirms through the number.', $rule) : [$this->finding(
            Verdict::Weakness, 'Nobody confirms the number, so anybody can enter anybody\'s.', $rule, null,
            'Let whoever agrees confirm from a message to that number.',
            Mend::takeAway('Keep to the rule: confirm first', Place::of('departures', Rule::DoubleOptIn->value))
        )];
    }
}
