<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** A withdrawal reaches everybody who was given the details, within a day, and nobody is given them afterwards. */
final class WithdrawalPassedOn extends PracticeRequirement
{
    public function id(): string
    {
        return 'withdrawal-passed-on';
    }

    public function title(): string
    {
        return 'A withdrawal reaches whoever has the details.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(3), 17(1)(b), 28(3)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        if ($practice->destinations() === []) {
            return $this->notApplicable('Nobody is handed over from here.');
        }

        return $this->allOr([
            $this->counted(
                Verdict::Breach, $practice, Deed::TakenInAfterwards, 'person was', 'people were', 'taken in by a destination after withdrawing.',
                'Take them out there by hand now, and see under Destinations what it last acknowledged.'
            ),
            $this->counted(
                Verdict::Weakness, $practice, Deed::NotPassedOn, 'person', 'people',
                'withdrew more than a day ago, and a destination has not acknowledged it.', 'See under Destinations why it takes nothing, and tell it by hand.'
            ),
        ], 'Every destination has acknowledged each withdrawal, and took nobody in afterwards.');
    }
}
