<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Day;
use Juramen\Canon\Slug;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Audience;
use Juramen\Register\Channel;
use Juramen\Register\Destination;
use Juramen\Register\Processor;
use Juramen\Wording\Statement;

/** What was done at a point of ours and what is kept of it, as ledger, deliveries and registers tell on a day: by it practice is judged. */
final readonly class Practice
{
    public Audience $audience;

    /** @param  Sheet  $sheet  of the point, with its statements and rules */
    public function __construct(public Day $today, public Sheet $sheet, public Registers $registers, public Deeds $deeds)
    {
        $this->audience = $registers->house->audience($sheet->draft->countries);
    }

    /** How often it was done, 0 or more. */
    public function count(Deed $deed): int
    {
        return $this->deeds->count($deed);
    }

    public function asksForConsent(): bool
    {
        return $this->sheet->statements !== [];
    }

    public function asksBy(Channel $channel): bool
    {
        return array_filter($this->sheet->statements, static fn (Statement $s): bool => in_array($channel, $s->channels, true)) !== [];
    }

    /**
     * Who gets what is given here, by a purpose that is agreed to or through a destination that is switched on, as far as it was approved.
     *
     * @return list<Processor>
     */
    public function partners(): array
    {
        $partners = [];
        foreach ($this->sheet->statements as $statement) {
            foreach ($this->registers->processors->all() as $processor) {
                if ($processor->gets($statement->purpose) && ! $this->registers->isDraft($processor->recordName())) {
                    $partners[$processor->id->text] = $processor;
                }
            }
        }
        foreach ($this->destinations() as $destination) {
            $partner = $destination->partner === null ? null : $this->registers->processors->get($destination->partner);
            if ($partner !== null) {
                $partners[$partner->id->text] = $partner;
            }
        }

        return array_values($partners);
    }

    /** @return list<Destination> switched on, to which somebody who agrees here may go */
    public function destinations(): array
    {
        $purposes = array_map(static fn (Statement $s): Slug => $s->purpose, $this->sheet->statements);

        return array_values(array_filter($this->registers->destinations->all(), function (Destination $destination) use ($purposes): bool {
            foreach ($destination->on ? $destination->lists->all() : [] as $there) {
                $list = $this->registers->lists->get($there->list);
                if ($list !== null && array_filter($purposes, $list->purpose->equals(...)) !== []) {
                    return true;
                }
            }

            return false;
        }));
    }
}
