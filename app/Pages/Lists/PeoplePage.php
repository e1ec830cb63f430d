<?php

declare(strict_types=1);

namespace App\Pages\Lists;

use App\Actions\Consent\PersonalValues;
use App\Models\CurrentPermission;
use App\Models\Handover;
use App\Models\SavedFilter;
use App\Pages\Controls\Option;
use App\Queries\Lists\PeopleFilter;
use App\Queries\Lists\PeopleOnList;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Support\Moments;
use App\Support\Tally;
use Illuminate\Contracts\Support\Htmlable;
use Juramen\Canon\ById;
use Juramen\Log\Disclosure;
use Juramen\Register\ContactList;
use Juramen\Register\Language;

/** The people on a list, as a filter finds them. */
final readonly class PeoplePage
{
    /**
     * @param  list<PersonOnList>  $rows
     * @param  list<FilterLine>  $saved
     * @param  list<Option>  $points
     * @param  list<Option>  $languages
     */
    private function __construct(
        public ContactList $list, public PeopleFilter $filter, public string $found, public array $rows, public array $saved, public array $points,
        public array $languages, public string $csv, public Htmlable $pages
    ) {}

    public static function of(ContactList $list, PeopleFilter $filter, PeopleOnList $people, PersonalValues $personal, RegistersInForce $inForce): self
    {
        $count = $people->count($list, $filter);
        $page = $people->page($list, $filter, $count);
        $here = array_values($page->items());
        $addresses = $personal->addressesOf(array_map(static fn (CurrentPermission $p) => $p->subscriber->subject, $here));
        $handovers = $people->handovers($list, array_map(static fn (CurrentPermission $p): int => $p->subscriber_id, $here));
        $to = static fn (string $query): string => route('lists.people', $list->id->text).($query === '' ? '' : "?$query");

        return new self(
            $list, $filter, $count->text().($count->counted === 1 ? ' person' : ' people'),
            array_map(static fn (CurrentPermission $p): PersonOnList => self::row(
                $p, $addresses, array_filter($handovers, static fn (Handover $h): bool => $h->subscriber_id === $p->subscriber_id), $inForce
            ), $here),
            self::saved($list, $filter, $people, $to),
            array_map(static fn (SheetOnFile $s): Option => new Option($s->slug, $s->draft->name, $s->slug === $filter->point), $inForce->sheets()),
            array_map(static fn (Language $l): Option => new Option($l->value, $l->endonym(), $l === $filter->language), Language::cases()),
            $to(ltrim($filter->query().'&as=csv', '&')), $page->links('office.pages'),
        );
    }

    /**
     * @param  callable(string): string  $to  address of the people that a filter finds
     * @return list<FilterLine>
     */
    private static function saved(ContactList $list, PeopleFilter $now, PeopleOnList $people, callable $to): array
    {
        $lines = SavedFilter::query()->where('list', $list->id->text)->orderBy('name')->get()->map(static function (SavedFilter $saved) use (
            $list, $now, $people, $to
        ): FilterLine {
            parse_str($saved->query, $given);
            $kept = PeopleFilter::parse($given);

            return new FilterLine(
                $saved->id, $saved->name, $to($kept->query()), $people->count($list, $kept, Tally::BESIDE)->text(), $kept->query() === $now->query()
            );
        });

        return array_values($lines->all());
    }

    /**
     * @param  ById<Disclosure>  $addresses
     * @param  array<array-key, Handover>  $handovers
     */
    private static function row(CurrentPermission $permission, ById $addresses, array $handovers, RegistersInForce $inForce): PersonOnList
    {
        $subject = $permission->subscriber->subject->hex();

        return new PersonOnList(
            $addresses->get($subject)->value ?? 'address not kept', route('evidence.person', $subject), Moments::exact($permission->since),
            $inForce->nameOf($permission->point), Language::tryFrom($permission->language)?->endonym() ?? $permission->language,
            array_values(array_map(static fn (Handover $h): string => HandoverWords::of($h, $inForce->registers()), $handovers)),
        );
    }
}
