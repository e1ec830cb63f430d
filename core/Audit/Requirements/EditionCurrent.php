<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Wherever the form stands, it is the edition in force. An old copy on a page shows words that are no longer ours. */
final class EditionCurrent extends PracticeRequirement
{
    public function id(): string
    {
        return 'edition-current';
    }

    public function title(): string
    {
        return 'What stands on pages is the edition in force.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(2)', SourceKind::Ours);
    }

    public function weigh(Practice $practice): array
    {
        $old = $practice->count(Deed::SentByOldCopy);

        return $old === 0 ? $this->met('In the last thirty days nothing came from a copy that was replaced.') : [$this->found(
            Verdict::Weakness, Deed::SentByOldCopy,
            ($old === 1 ? 'A sign-up' : number_format($old).' sign-ups').' of the last thirty days came from an old copy of the form: '
                .$practice->deeds->oldCopies().'.', 'Have the copy on that page replaced; the page by itself shows the edition in force.', $old
        )];
    }
}
