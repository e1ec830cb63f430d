<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Destination;
use Juramen\Register\Processor;

/** Whoever gets details has a contract on record, a place, and outside the EEA a ground of the transfer. */
final class ProcessorBound extends PracticeRequirement
{
    public function id(): string
    {
        return 'processor-bound';
    }

    public function title(): string
    {
        return 'Whoever gets details is bound by contract.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 28, 44 to 49', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        $nobody = array_filter($practice->destinations(), static fn (Destination $d): bool => $d->partner === null);
        $partners = $practice->partners();
        if ($partners === [] && $nobody === []) {
            return $this->notApplicable('Nobody gets what is given here.');
        }
        $findings = array_map(fn (Destination $d): Result => $this->onRecord(
            $d->recordName(), Verdict::Breach, "Nobody has said who runs {$d->name}, to which people go.",
            'Say it on the destination, with contract and place.', 1
        ), array_values($nobody));
        foreach ($partners as $partner) {
            $lacks = $partner->lacks($practice->today);
            $findings[] = $lacks === [] ? null : $this->onRecord(
                $partner->recordName(), Verdict::Breach, "{$partner->name}: ".implode(' ', $lacks), 'Put it on its record, or hand nobody over until it is.',
                count($lacks)
            );
        }

        $names = array_map(static fn (Processor $p): string => $p->name, $partners);

        return $this->allOr($findings, 'On record with contract and place: '.implode(', ', $names).'.');
    }
}
