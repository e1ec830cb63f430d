<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Reading;
use Juramen\Audit\Requirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Topic;

/** Consent does not stand in one control with terms, conditions or notice; a link to the notice beside it is fine. */
final class ApartFromTerms implements Requirement
{
    use Judging;

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

    public function judge(Reading $reading): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
        if ($consents === []) {
            return $this->notApplicable('No control on this form asks for consent.');
        }
        $findings = [];
        foreach ($consents as $control) {
            $with = $reading->find(Topic::AcceptsTerms, $control->label) ?? $reading->find(Topic::AcceptsNotice, $control->label);
            if ($with !== null) {
                $findings[] = $this->finding(Verdict::Breach, 'One control takes consent and agreement to terms or notice together.', $control->where, $with->words, 'Give the terms a control of their own, make the notice known with a link, and let this one ask for consent alone.');
            }
        }

        return $findings === [] ? $this->met('Consent has its own control.', $consents[0]->where) : $findings;
    }
}
