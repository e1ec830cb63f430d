<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Withdrawing is as easy as agreeing. Where most people have to tell somebody, the way out is not found. */
final class WithdrawalAsEasy extends PracticeRequirement
{
    public function id(): string
    {
        return 'withdrawal-as-easy';
    }

    public function title(): string
    {
        return 'Withdrawing is as easy as agreeing.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(3)', SourceKind::Law);
    }

    /** Fewer say nothing about the way. */
    private const FEW = 5;

    public function weigh(Practice $practice): array
    {
        if (! $practice->asksForConsent()) {
            return $this->notApplicable('Nothing is agreed to here.');
        }
        [$all, $told] = [$practice->count(Deed::Withdrawn), $practice->count(Deed::WithdrawnByTelling)];

        return $all < self::FEW || 2 * $told <= $all
            ? $this->met('Every mail leads to a page where one press withdraws, without signing in, a reason or a cost.')
            : [$this->found(
                Verdict::Weakness, Deed::WithdrawnByTelling,
                "$told of $all people who withdrew in the last ninety days had to tell somebody, though a link is in every mail.",
                'Look at the mails that they get from the list service: the link must stand there, and be found.', $told
            )];
    }
}
