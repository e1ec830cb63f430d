<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** A confirmation is a person's act. Programs that open every link of a mail do so at once, so confirmations at once are counted. */
final class ConfirmationDeliberate extends PracticeRequirement
{
    public function id(): string
    {
        return 'confirmation-deliberate';
    }

    public function title(): string
    {
        return 'Confirming takes a person.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 32; good practice', SourceKind::Ours);
    }

    /** So many, and so large a share, do not happen by people who are quick. */
    private const FEW = 5;

    private const SHARE = 0.02;

    public function weigh(Practice $practice): array
    {
        $all = $practice->count(Deed::Confirmed);
        $quick = $practice->count(Deed::ConfirmedAtOnce);
        if ($all === 0) {
            return $this->notApplicable('Nobody confirmed in the last ninety days.');
        }

        return $quick < self::FEW || $quick < self::SHARE * $all
            ? $this->met('A link works once, ends, and a visit alone confirms nothing; nor do confirmations come as fast as programs are.')
            : [$this->found(
                Verdict::Weakness, Deed::ConfirmedAtOnce, number_format($quick).' of '.number_format($all).' confirmations came within three seconds of the mail.',
                'A program that presses what stands in mails may have confirmed them. Look at their mail domains, and let these people be asked another way.', $quick
            )];
    }
}
