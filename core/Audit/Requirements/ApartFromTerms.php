<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Frames\Meaning;

/** Consent does not stand in one control with terms, conditions or notice; a link to the notice beside it is fine. */
final class ApartFromTerms extends FormRequirement
{
    public function id(): string
    {
        return 'apart-from-terms';
    }

    public function title(): string
    {
        return 'Consent stands apart from terms and notice.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(2), 7(4)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::TermsAgreed, Meaning::NoticeAgreed, Meaning::NoticeRead, Meaning::PapersMentioned];
    }

    public function judge(Reading $reading): array
    {
        return $this->eachConsent($reading, 'Consent has its own control.', function (Control $control) use ($reading): ?Result {
            $listener = $reading->listener();
            $with = $listener->hears($control->label, Meaning::Sends, Meaning::PassedOn)
                ? $listener->first($control->label, Meaning::TermsAgreed, Meaning::NoticeAgreed, Meaning::NoticeRead)?->words : null;

            return $with === null ? $this->halfSaid(
                $reading, $control, Meaning::PapersMentioned, 'Are terms, or the notice, agreed to with the same tick? Then give the terms a control of their own.'
            ) : $this->finding(
                Verdict::Breach, 'One control takes consent together with terms, or with the notice.', $control->where, $with,
                'Give the terms a control of their own, make the notice known with a link, and let this one ask for consent alone.',
                $this->cut($control, $with),
            );
        });
    }
}
