<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Models\SignupJourney;
use App\Pages\Controls\Option;
use App\Queries\Desk\SignupFate;
use App\Queries\Evidence\ListSignups;
use App\Queries\Evidence\SignupFilter;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;

/** Prepares the list of sign-ups, with the addresses that may stand in a list. */
final class ShowSignups
{
    public function __construct(private readonly ListSignups $list, private readonly PersonalValues $personal, private readonly PointNames $points,
        private readonly RegistersInForce $inForce) {}

    public function __invoke(SignupFilter $filter): SignupsPage
    {
        $count = $this->list->count($filter);
        $page = $this->list->page($filter, $count);
        $journeys = array_values($page->items());
        $addresses = $this->personal->addressesOf(array_map(static fn (SignupJourney $j) => $j->subscriber->subject, $journeys));
        $found = [
            $count->text(), $filter->state->value ?? 'of every kind', $filter->point === null ? '' : 'at '.$this->inForce->nameOf($filter->point),
            $filter->words === null ? '' : 'to exactly these words',
        ];

        return new SignupsPage(
            implode(' ', array_filter($found, static fn (string $part): bool => $part !== '')), $filter,
            array_map(static fn (SignupFate $s): Option => new Option($s->value, $s->value, $s === $filter->state), SignupFate::ofSignups()),
            array_map(fn (string $id): Option => new Option($id, $this->inForce->nameOf($id), $id === $filter->point), ($this->points)()),
            array_map(fn (SignupJourney $j): SignupRow => SignupRow::of(
                $j, $addresses->get($j->subscriber->subject->hex())?->value, $this->inForce->nameOf($j->edition->point->slug)
            ), $journeys),
            route('evidence.signups', [...$filter->query(), 'as' => 'csv']), $page->links('office.pages'),
        );
    }
}
