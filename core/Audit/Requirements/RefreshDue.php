<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Consent does not last for ever: after the time that purpose and house set, it is renewed or ends. */
final class RefreshDue extends PracticeRequirement
{
    public function id(): string
    {
        return 'refresh-due';
    }

    public function title(): string
    {
        return 'Old consent is renewed, or ends.';
    }

    public function source(): Source
    {
        return new Source('EDPB Guidelines 05/2020, 110', SourceKind::Guide, 'the paragraph; no length of time is named there');
    }

    public function weigh(Practice $practice): array
    {
        if ($practice->count(Deed::Permitted) === 0) {
            return $this->notApplicable('Nobody is permitted by consent from here.');
        }

        return $this->allOr([$this->counted(
            Verdict::Weakness, $practice, Deed::PermittedTooLong, 'consent is', 'consents are', 'older than the time that purpose or house set.',
            'Stop writing to them, or have them asked again by a mail that they agreed to.'
        )], 'No consent from here is older than the time that is set for it.');
    }
}
