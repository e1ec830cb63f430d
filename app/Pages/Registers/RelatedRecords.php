<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Queries\Lists\PeopleFilter;
use App\Queries\Lists\PeopleOnList;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use Juramen\Points\ListRule;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\ContactList;
use Juramen\Register\Controller;
use Juramen\Register\Destination;
use Juramen\Register\HouseRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\Registered;
use Juramen\Wording\Statement;

/** What hangs together with an entry of a register: who uses it, and what it uses. */
final class RelatedRecords
{
    public function __construct(private readonly RegistersInForce $inForce, private readonly PeopleOnList $people) {}

    /**
     * @param  bool  $people  whether whoever looks may see people
     * @return list<RelatedGroup>
     */
    public function to(Registered $entry, Registers $registers, bool $people): array
    {
        return match (true) {
            $entry instanceof HouseRules => [new RelatedGroup('Points that depart from them', $this->departing())],
            $entry instanceof Controller => [
                new RelatedGroup(
                    'Its signup points',
                    array_map(
                        self::sheet(...),
                        array_values(array_filter($this->inForce->sheets(), static fn (SheetOnFile $s): bool => $s->draft->controller->equals($entry->id)))
                    )
                ),
                new RelatedGroup(
                    'Its purposes', self::purposes($registers->purposes->filter(static fn (Purpose $p): bool => $p->controller->equals($entry->id))->all())
                ),
            ],
            $entry instanceof Purpose => [
                new RelatedGroup('Statements that ask for it', array_map(fn (Statement $s): RelatedLink => new RelatedLink(
                    $this->inForce->nameOfStatement($s->id), route('records.show', ['statement', $s->id->text]),
                    $s->isApproved() ? 'in force' : 'never approved',
                ), $registers->statements->filter(static fn (Statement $s): bool => $s->purpose->equals($entry->id))->all())),
                new RelatedGroup('Who gets its details', array_map(static fn (Processor $p): RelatedLink => new RelatedLink(
                    $p->name, route('records.show', ['processor', $p->id->text]), $p->own ? 'for its own use' : 'works for us',
                ), $registers->processors->filter(static fn (Processor $p): bool => $p->gets($entry->id))->all())),
            ],
            $entry instanceof Processor => [
                new RelatedGroup(
                    'Purposes whose details it gets',
                    self::purposes($registers->purposes->filter(static fn (Purpose $p): bool => $entry->gets($p->id))->all())
                ),
            ],
            $entry instanceof ContactList => $this->toList($entry, $registers, $people),
            $entry instanceof Statement => [new RelatedGroup('Its purpose', self::purposes([$registers->purpose($entry->purpose)]))],
            default => [],
        };
    }

    /** @return list<RelatedGroup> */
    private function toList(ContactList $list, Registers $registers, bool $people): array
    {
        $rule = new ListRule($list, $registers, array_map(static fn (SheetOnFile $s): SheetDraft => $s->draft, $this->inForce->sheets()));
        $goes = $registers->destinations->filter(static fn (Destination $d): bool => $d->lists->has($list->id));

        $count = $this->people->count($list, PeopleFilter::parse([]))->text();

        return [
            ...$people ? [new RelatedGroup('On it now', [new RelatedLink("$count people", route('lists.people', $list->id->text))])] : [],
            new RelatedGroup('Points at which people come onto it', array_map(
                static fn (SheetDraft $d): RelatedLink => new RelatedLink($d->name, route('points.sheet', $d->point->text)), $rule->points()
            )),
            new RelatedGroup('By a yes to', array_map(fn (Statement $s): RelatedLink => new RelatedLink(
                $this->inForce->nameOfStatement($s->id), route('records.show', ['statement', $s->id->text])
            ), $rule->statements()->all())),
            new RelatedGroup('Where it goes', array_map(static fn (Destination $d): RelatedLink => new RelatedLink(
                $d->name, route('records.show', ['destination', $d->id->text]), $d->on ? 'switched on' : 'switched off'
            ), $goes->all())),
        ];
    }

    /**
     * @param  list<Purpose>  $purposes
     * @return list<RelatedLink>
     */
    private static function purposes(array $purposes): array
    {
        return array_map(
            static fn (Purpose $p): RelatedLink => new RelatedLink($p->title(), route('records.show', ['purpose', $p->id->text]), $p->basis->says()),
            $purposes
        );
    }

    private static function sheet(SheetOnFile $sheet): RelatedLink
    {
        return new RelatedLink($sheet->draft->name, route('points.sheet', $sheet->slug));
    }

    /** @return list<RelatedLink> */
    private function departing(): array
    {
        $links = [];
        foreach ($this->inForce->sheets() as $sheet) {
            foreach ($sheet->draft->departures as $departure) {
                $links[] = new RelatedLink(
                    $sheet->draft->name, route('points.sheet', $sheet->slug).'#part-4', $departure->rule->says($departure->value).': '.$departure->reason
                );
            }
        }

        return $links;
    }
}
