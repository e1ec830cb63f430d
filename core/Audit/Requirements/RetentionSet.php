<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** How long each kind of data is kept is set, and what is past its time is gone. */
final class RetentionSet extends PracticeRequirement
{
    public function id(): string
    {
        return 'retention-set';
    }

    public function title(): string
    {
        return 'What is past its time is deleted.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(1)(e)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        return $this->allOr([$this->counted(
            Verdict::Weakness, $practice, Deed::KeptPastItsTime, 'message or submission is', 'messages and submissions are',
            'kept past the time that the house has set.', 'See that the scheduler runs, and look under Failed work.'
        )], 'Times are set for what is kept, and nothing from here is past its own.');
    }
}
