<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Mend;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Register\Rule;

/**
 * What is promised for agreeing comes once the address is confirmed, so that nobody enters anybody's to get it. What a kiosk hands over on the
 * spot is apart.
 */
final class GiftAfterConfirmation extends FormRequirement
{
    public function id(): string
    {
        return 'gift-after-confirmation';
    }

    public function title(): string
    {
        return 'A gift comes after the confirmation.';
    }

    public function source(): Source
    {
        return new Source('good practice', SourceKind::Ours);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet?->giftByLink !== true || ! $reading->isAboutConsent()) {
            return $this->notApplicable('Nothing is promised here that comes by a link.');
        }

        return $reading->sheet->doubleOptIn ? $this->met('The gift\'s link comes once the address is confirmed.', Place::of('gift')) : [$this->finding(
            Verdict::Weakness, 'The gift comes without a confirmation, so any address gets it.', Place::of('gift'), null, 'Let whoever agrees confirm first.',
            Mend::takeAway('Keep to the rule: confirm by mail', Place::of('departures', Rule::DoubleOptIn->value))
        )];
    }
}
