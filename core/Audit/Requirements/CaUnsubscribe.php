<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Regime;

/** Canada: whoever unsubscribes is left alone within ten business days. */
final class CaUnsubscribe extends PracticeRequirement
{
    public function id(): string
    {
        return 'ca-unsubscribe';
    }

    public function title(): string
    {
        return 'Canada: unsubscribing is done in ten business days.';
    }

    public function source(): Source
    {
        return new Source('CASL s. 11', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        if (! $practice->asksForConsent() || ! $practice->audience->isUnder(Regime::Canada)) {
            return $this->notApplicable('Nothing says that people in Canada are asked.');
        }

        return $this->allOr([$this->counted(
            Verdict::Breach, $practice, Deed::NotPassedOnInTenDays, 'person', 'people',
            'withdrew more than ten business days ago, and a destination has not acknowledged it.', 'Have them taken off there by hand today.'
        )], 'Links work as long as an address is used, longer than the sixty days, and no withdrawal waits for ten business days.');
    }
}
