<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Network addresses are truncated before they are kept, or not kept at all. */
final class AddressTrimmed extends PracticeRequirement
{
    public function id(): string
    {
        return 'address-trimmed';
    }

    public function title(): string
    {
        return 'Network addresses are truncated, or not kept.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(1)(c), 25', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        $kept = $practice->count(Deed::NetworkKept);

        return $this->allOr([$this->counted(
            Verdict::Weakness, $practice, Deed::NetworkWhole, 'network address is', 'network addresses are', 'kept whole.',
            'Delete them, and see which version of the application kept them.'
        )], $kept === 0 ? 'No network address is kept.'
            : 'Of the network addresses kept last, '.number_format($kept).' were looked at: each is truncated.');
    }
}
