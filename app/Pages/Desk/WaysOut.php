<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Actions\Registers\AdmitWays;
use App\Models\ApprovedEdition;
use App\Models\Record;
use App\Queries\Lists\HandoverCount;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Support\Moments;
use App\Support\SystemClock;
use Juramen\Points\ListRule;
use Juramen\Points\SheetDraft;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\RecordKind;
use Juramen\Wording\Statement;

/** What is to be decided about lists and destinations. */
final class WaysOut
{
    /** Hours for which a destination may be away before anybody has to know. */
    private const HOURS = 1;

    /** Days after which it is asked why people are asked for what nobody sends. */
    private const UNUSED_DAYS = 90;

    public function __construct(private readonly RegistersInForce $inForce, private readonly AdmitWays $ways, private readonly SystemClock $clock) {}

    /** @return list<Decision> */
    public function decisions(): array
    {
        $all = array_map($this->ofDestination(...), $this->inForce->registers()->destinations->all());

        return [...array_merge([], ...$all), ...$this->unused()];
    }

    /** @return list<Decision> */
    private function ofDestination(Destination $destination): array
    {
        $count = HandoverCount::of($destination->id->text);
        $link = route('records.show', ['destination', $destination->id->text]);
        $people = static fn (int $n): string => $n === 1 ? 'One person' : "$n people";
        $since = $count->waitsSince === null ? '' : Moments::exact($count->waitsSince);
        $decisions = [];
        if ($count->problem === 'key-refused' || $count->problem === 'no-key') {
            $decisions[] = new Decision(
                0, 'Today', $destination->name, ($count->problem === 'no-key' ? 'has no key of ours' : 'refuses our key').", since $since.",
                ($count->open->counted === 1 ? 'One person waits' : "{$count->open->text()} people wait").' for it, withdrawals among them perhaps. '
                    .'An administrator sets a new key.', 'See', $link
            );
        } elseif ($count->waitedSince($this->clock->instant()->plusSeconds(-3600 * self::HOURS))) {
            $decisions[] = new Decision(
                0, 'Today', $destination->name, "has taken nothing since $since.", __("office.problems.$count->problem").'. It is tried again by itself.',
                'See', $link
            );
        }
        if ($count->failed > 0) {
            $decisions[] = new Decision(
                0, 'Today', $people($count->failed), "could not be handed to {$destination->name}, whatever was tried.",
                'It refused what was said of them. Mend what goes over, then send it again.', 'See', route('mails', ['state' => 'failed'])
            );
        }
        $faults = $destination->on ? $this->ways->faults($destination) : [];
        if ($faults !== []) {
            $decisions[] = new Decision(0, 'Today', $destination->name, 'is switched on, and nobody may be handed over.', $faults[0], 'Mend', $link);
        }

        return $decisions;
    }

    /** @return list<Decision> statements, and channels of theirs, that have led to no list for a long time */
    private function unused(): array
    {
        $registers = $this->inForce->registers();
        if ($registers->lists->count() === 0) {
            return [];
        }
        $since = $this->clock->instant()->plusDays(-self::UNUSED_DAYS);
        $retired = Record::query()->where('kind', RecordKind::ContactList)->where('retired_at', '>', $since->utc)->exists();
        $decisions = [];
        foreach ($retired ? [] : $registers->statements->all() as $statement) {
            $stands = array_filter($this->inForce->sheetsWith($statement->id), static fn (SheetOnFile $s): bool => $s->subject !== null);
            $nowhere = array_values(array_filter($statement->channels, fn (Channel $c): bool => ! $this->leads($statement, $c)));
            if ($nowhere === [] || $stands === [] || ! $this->isOld($statement)) {
                continue;
            }
            $by = implode(' and ', array_map(static fn (Channel $c): string => $c->value, $nowhere));
            $decisions[] = new Decision(
                2, 'When you can', ucfirst($this->inForce->nameOfStatement($statement->id)),
                "leads to no list by $by, and has not for ".self::UNUSED_DAYS.' days.',
                'Nobody sends it, so why ask? Make a list for it, or take it off the forms.', 'See the lists', route('lists')
            );
        }

        return $decisions;
    }

    private function leads(Statement $statement, Channel $channel): bool
    {
        $sheets = array_map(static fn (SheetOnFile $s): SheetDraft => $s->draft, $this->inForce->sheets());
        $registers = $this->inForce->registers();

        return $registers->lists->filter(
            static fn (ContactList $l): bool => $l->channel === $channel && (new ListRule($l, $registers, $sheets))->statements()->has($statement->id)
        )->count() > 0;
    }

    private function isOld(Statement $statement): bool
    {
        $first = ApprovedEdition::query()->whereRelation('record', 'slug', $statement->id->text)->whereRelation('record', 'kind', RecordKind::Statement)
            ->orderBy('number')->first();

        return $first !== null && $this->clock->instant()->plusDays(-self::UNUSED_DAYS)->isAfter($first->approved_at);
    }
}
