<?php

declare(strict_types=1);

namespace App\Pages\Lists;

use App\Actions\Handover\HandOverExisting;
use App\Actions\Registers\AdmitWays;
use App\Models\DestinationKey;
use App\Pages\Controls\Option;
use App\Queries\Lists\HandoverCount;
use App\Queries\Lists\PeopleFilter;
use App\Queries\Lists\PeopleOnList;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\Tally;
use Juramen\Canon\Slug;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Register\ContactList;
use Juramen\Register\Controller;
use Juramen\Register\Destination;
use Juramen\Register\Language;
use Juramen\Register\ListThere;
use Juramen\Register\Purpose;
use Juramen\Register\RecordName;

/** All lists, and where they go. */
final class ListsPage
{
    public function __construct(
        private readonly RegistersInForce $inForce, private readonly PeopleOnList $people, private readonly AdmitWays $ways,
        private readonly HandOverExisting $existing
    ) {}

    /** @return list<ListRow> */
    public function lists(bool $maySeePeople): array
    {
        $registers = $this->registers();
        $everybody = PeopleFilter::parse([]);

        return array_map(fn (ContactList $list): ListRow => new ListRow(
            $list->id->text, $list->name, route('records.show', ['list', $list->id->text]),
            $this->publicName($list), $registers->purposes->get($list->purpose)?->title() ?? $list->purpose->spoken(), $list->channel->value,
            $this->rule($list),
            $this->people->count($list, $everybody, Tally::BESIDE)->text(), $maySeePeople ? route('lists.people', $list->id->text) : null,
            implode(', ', array_map(static fn (Destination $d): string => $d->name.($d->on ? '' : ' (off)'), $this->destinationsOf($list))) ?: 'stays here',
            $this->ways->faults($list), $this->state($list->recordName()),
        ), $registers->lists->all());
    }

    /** @return list<DestinationRow> */
    public function destinations(): array
    {
        $registers = $this->registers();

        return array_map(function (Destination $d) use ($registers): DestinationRow {
            $count = HandoverCount::of($d->id->text);
            $there = HandoverCount::there($d->id->text);
            $key = DestinationKey::query()->find($d->id->text) === null ? ', no key' : '';

            return new DestinationRow(
                $d->name, route('records.show', ['destination', $d->id->text]),
                $d->partner === null ? 'nobody yet' : $registers->processors->get($d->partner)->name ?? '',
                implode(', ', array_map(static fn (ListThere $l): string => $registers->lists->get($l->list)->name ?? '', $d->lists->all())) ?: 'none',
                ($d->on ? 'on' : 'off').$key.($this->state($d->recordName()) === '' ? '' : ', '.$this->state($d->recordName())), $there->text(),
                $this->open($count, $this->existing->left($d->id->text)), $d->on || $there->counted > 0 ? $this->ways->faults($d) : [],
            );
        }, $registers->destinations->all());
    }

    /** @return list<Option> purposes that a list can be for */
    public function purposes(): array
    {
        return array_map(static fn (Purpose $p): Option => new Option($p->id->text, $p->title()), $this->registers()->purposes->all());
    }

    /** @return list<Option> controllers to choose from; none where there is no choice */
    public function controllers(): array
    {
        $all = $this->registers()->controllers->all();

        return count($all) < 2 ? [] : array_map(static fn (Controller $c): Option => new Option($c->id->text, $c->name), $all);
    }

    private function open(HandoverCount $count, Tally $left): string
    {
        $parts = [
            $left->counted === 0 ? '' : "{$left->text()} still to be gone through",
            $count->open->counted === 0 ? '' : "{$count->open->text()} not acknowledged yet",
            $count->failed === 0 ? '' : "$count->failed refused there",
            $count->waitsSince === null || $count->problem === null ? '' : 'tried since '.Moments::exact($count->waitsSince),
        ];

        return implode(', ', array_filter($parts, static fn (string $part): bool => $part !== '')) ?: 'everything is acknowledged';
    }

    private function publicName(ContactList $list): string
    {
        $purpose = $this->registers()->purposes->get($list->purpose);

        return $purpose === null ? '' : $list->calledIn(Language::English, $purpose);
    }

    private function rule(ContactList $list): string
    {
        $statements = array_map(fn (Slug $s): string => '“'.$this->inForce->nameOfStatement($s).'”', $list->statements);
        $points = array_map(fn (Slug $p): string => '“'.$this->inForce->nameOf($p->text).'”', $list->points);
        $languages = array_map(static fn (Language $l): string => $l->endonym(), $list->languages);

        return implode('', [
            $statements === [] ? 'whoever may be reached so' : 'whoever says yes to '.Sentences::listed($statements),
            $points === [] ? '' : ' at '.Sentences::listed($points), $languages === [] ? '' : ' in '.Sentences::listed($languages),
            $list->confirmed ? ', once they have confirmed' : '',
        ]);
    }

    /** @return list<Destination> */
    private function destinationsOf(ContactList $list): array
    {
        return $this->registers()->destinations->filter(static fn (Destination $d): bool => $d->lists->has($list->id))->all();
    }

    private function state(RecordName $name): string
    {
        return $this->registers()->isDraft($name) ? 'never approved' : '';
    }

    private function registers(): Registers
    {
        return $this->inForce->registers();
    }
}
