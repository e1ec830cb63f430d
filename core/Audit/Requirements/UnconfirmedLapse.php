<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** What nobody confirmed is deleted in time, thirty days after asking at most. */
final class UnconfirmedLapse extends PracticeRequirement
{
    public function id(): string
    {
        return 'unconfirmed-lapse';
    }

    public function title(): string
    {
        return 'What nobody confirms is deleted in time.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(1)(e)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        if (! $practice->asksForConsent() || ! $practice->sheet->rules->doubleOptIn) {
            return $this->notApplicable('Nothing waits for a confirmation here.');
        }
        $days = $practice->sheet->rules->lapseDays;

        return $this->allOr([$this->counted(
            Verdict::Weakness, $practice, Deed::WaitsPastItsEnd, 'sign-up that nobody confirmed is', 'sign-ups that nobody confirmed are',
            "kept longer than they may: $days days, and never past 30 from asking.", 'See that the scheduler runs: it lets them lapse every minute.'
        )], "After $days ".($days === 1 ? 'day' : 'days').' what nobody confirmed lapses, and nothing older is kept.');
    }
}
