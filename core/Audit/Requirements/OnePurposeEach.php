<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Reading;
use Juramen\Audit\Requirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Topic;

/** One control does not cover a controller's own news and the passing on of the address. */
final class OnePurposeEach implements Requirement
{
    use Judging;

    public function id(): string
    {
        return 'one-purpose-each';
    }

    public function title(): string
    {
        return 'One control, one purpose.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recitals 32, 43; EDPB Guidelines 05/2020', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
        if ($consents === []) {
            return $this->notApplicable('No control on this form asks for consent.');
        }
        $findings = [];
        foreach ($consents as $control) {
            $passes = $reading->find(Topic::PassesOn, $control->label);
            if ($passes !== null && $this->asksForMoreThan($passes->words, $control->label, $reading)) {
                $findings[] = $this->finding(Verdict::Breach, 'One tick covers two purposes: being written to, and passing the address on.', $control->where, $passes->words, 'Ask for each with a control of its own.');
            }
        }

        return $findings === [] ? $this->met('Each control covers one purpose, as far as its words say.', $consents[0]->where) : $findings;
    }

    private function asksForMoreThan(string $words, string $label, Reading $reading): bool
    {
        return $reading->speaksOf(Topic::Marketing, str_replace($words, ' ', $label));
    }
}
