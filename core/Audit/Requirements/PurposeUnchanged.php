<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Nobody is written to for what they were never asked for. */
final class PurposeUnchanged extends PracticeRequirement
{
    public function id(): string
    {
        return 'purpose-unchanged';
    }

    public function title(): string
    {
        return 'Use stays within what was agreed to.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(1)(b), 6(4), 13(3)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        if ($practice->destinations() === []) {
            return $this->notApplicable('Nobody is handed over from here.');
        }

        return $this->allOr([$this->counted(
            Verdict::Breach, $practice, Deed::UsedOtherwise, 'person stands', 'people stand',
            'on a list for a purpose, or by a channel, that they were never asked for.', 'Take them off that list, and see which rule put them there.'
        )], 'Lists have only people on them who were asked for just that.');
    }
}
