<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActRefusal;
use App\Models\DestinationFacts;
use App\Models\Handover as HandedOver;
use App\Models\HandoverState;
use App\Models\Record;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Support\SystemClock;
use Juramen\Canon\Refused;
use Juramen\Points\Handover;
use Juramen\Points\ListRule;
use Juramen\Points\SheetDraft;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;

/** The gate to lists and destinations: what breaks a purpose, a channel or a confirmation is not approved, and what holds people is not retired. */
final class AdmitWays
{
    public function __construct(private readonly RegistersInForce $inForce, private readonly SystemClock $clock) {}

    /** @return list<string> what stands in the way of a list, or of handing people over to a destination that is switched on, each in a sentence */
    public function faults(Registered $entry): array
    {
        return match (true) {
            $entry instanceof ContactList => (new ListRule($entry, $this->inForce->registers(), $this->sheets()))->faults(),
            $entry instanceof Destination => $this->handover($entry)->faults(),
            default => [],
        };
    }

    /** @return list<string> what may not be meant, or gets lost, each in a sentence */
    public function warnings(Registered $entry): array
    {
        return match (true) {
            $entry instanceof ContactList => (new ListRule($entry, $this->inForce->registers(), $this->sheets()))->remarks(),
            $entry instanceof Destination => $this->handover($entry)->warnings(),
            default => [],
        };
    }

    public function handover(Destination $destination): Handover
    {
        return new Handover(
            $destination, $this->inForce->registers(), $this->sheets(), DestinationFacts::serviceOf($destination->id->text), $this->clock->today()
        );
    }

    /** @throws Refused */
    public function admit(Registered $entry): void
    {
        $faults = $entry instanceof Destination && ! $entry->on ? [] : $this->faults($entry);
        if ($faults !== []) {
            throw Refused::because($entry instanceof Destination ? ActRefusal::MayNotGoThere : ActRefusal::ListRuleBroken, why: implode(' ', $faults));
        }
    }

    /** @throws Refused */
    public function admitRetirement(Record $record): void
    {
        if ($record->kind === RecordKind::ContactList) {
            $goes = $this->inForce->registers()->destinations->filter(static fn (Destination $d): bool => $d->lists->has($record->slug));
            if ($goes->count() > 0) {
                throw Refused::because(
                    ActRefusal::ListGoesThere, name: $record->called(),
                    destinations: implode(', ', array_map(static fn (Destination $d): string => "“{$d->name}”", $goes->all()))
                );
            }
        }
        $there = $record->kind !== RecordKind::Destination ? 0
            : HandedOver::query()->where('destination', $record->slug)->whereIn('told', [HandoverState::In, HandoverState::Waiting])->count();
        if ($there > 0) {
            throw Refused::because(ActRefusal::PeopleAreThere, count: $there === 1 ? '1 person is' : "$there people are");
        }
    }

    /** @return list<SheetDraft> */
    private function sheets(): array
    {
        return array_map(static fn (SheetOnFile $s): SheetDraft => $s->draft, $this->inForce->sheets());
    }
}
