<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\HeldSubmission;
use App\Queries\Office\ListHeld;
use App\Queries\Registers\RegistersInForce;
use App\Support\Sorting;
use Juramen\Register\Retention;

/** Prepares the page of what is held for some days. */
final class ShowKept
{
    public function __construct(
        private readonly ListHeld $held, private readonly RegistersInForce $inForce
    ) {}

    public function held(Sorting $sorting): KeptPage
    {
        $page = $this->held->page($sorting);
        $state = match ($page->total()) {
            0 => 'nothing waits',
            1 => '1 waits for a decision',
            default => $page->total().' wait for a decision',
        };

        return new KeptPage(
            $state, $this->days(Retention::Held), array_map(
                fn (HeldSubmission $h): KeptRow => KeptRow::held($h, $this->inForce->nameOf($h->edition->point->slug)), array_values($page->items())
            ),
            route('held', ['sort' => $sorting->text(), 'as' => 'csv']), $page->links('office.pages'), $sorting
        );
    }

    private function days(Retention $what): int
    {
        return $this->inForce->registers()->house->daysKept($what);
    }
}
