<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Channel;
use Juramen\Register\Regime;

/** Germany: consent to calls is documented, and kept for five years from consent and from each use. */
final class DePhoneProof extends PracticeRequirement
{
    public function id(): string
    {
        return 'de-phone-proof';
    }

    public function title(): string
    {
        return 'Germany: consent to calls is kept five years.';
    }

    public function source(): Source
    {
        return new Source('UWG 7a', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        if (! $practice->asksBy(Channel::Phone) || ! $practice->audience->isUnder(Regime::Germany)) {
            return $this->notApplicable('Nobody in Germany is asked about calls here.');
        }

        return $this->allOr([$this->counted(
            Verdict::Breach, $practice, Deed::CallsWithoutProof, 'consent', 'consents', 'to calls of the last five years can no longer be shown.',
            'Restore them from a backup, and erase nothing of calls before five years are over.'
        )], 'Of consent to calls of the last five years, what was agreed to and by whom is kept.');
    }
}
