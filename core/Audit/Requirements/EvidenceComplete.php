<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Of every permission that stands it can be shown who agreed, to which words, and that it was confirmed where the point asks for that. */
final class EvidenceComplete extends PracticeRequirement
{
    public function id(): string
    {
        return 'evidence-complete';
    }

    public function title(): string
    {
        return 'What stands can be proved: who, when, which words, and how.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(1)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        $all = $practice->count(Deed::Permitted);
        if ($all === 0) {
            return $this->notApplicable('Nobody is permitted by consent from here.');
        }
        $mend = 'Write to nobody of them; run "consent:rebuild --check" and "ledger:verify" to see what is missing.';

        return $this->allOr([
            $this->counted(
                Verdict::Breach, $practice, Deed::PermittedOfNobody, 'consent stands', 'consents stand', 'and no address is kept that says whose.', $mend
            ),
            $this->counted(
                Verdict::Breach, $practice, Deed::PermittedWithoutWords, 'consent stands', 'consents stand',
                'and the ledger has no entry with the words.', $mend
            ),
            $this->counted(
                Verdict::Breach, $practice, Deed::PermittedUnconfirmed, 'consent stands', 'consents stand',
                'without a confirmation, which the point asks for.', $mend
            ),
        ], 'Of '.($all === 1 ? 'the one consent that stands' : 'all '.number_format($all).' consents that stand')
            .' it is kept who, when, which words and how.');
    }
}
