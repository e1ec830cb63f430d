<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Pages\Controls\Option;
use App\Queries\Office\ListEnquiries;
use App\Queries\Office\ListHeld;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;
use App\Support\Sorting;
use Juramen\Register\Retention;

/** Prepares the pages of what is kept for some days: held submissions, and enquiries. */
final class ShowKept
{
    public function __construct(
        private readonly ListHeld $held, private readonly ListEnquiries $enquiries, private readonly PointNames $points,
        private readonly RegistersInForce $inForce
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
            $state, $this->days(Retention::Held), [], array_map(
                fn (HeldSubmission $h): KeptRow => KeptRow::held($h, $this->inForce->nameOf($h->edition->point->slug)), array_values($page->items())
            ),
            route('held', ['sort' => $sorting->text(), 'as' => 'csv']), $page->links('office.pages'), $sorting
        );
    }

    public function enquiries(string $point, Sorting $sorting): KeptPage
    {
        $page = $this->enquiries->page($point, $sorting);
        $days = $this->days(Retention::Enquiry);

        return new KeptPage(
            match ($page->total()) {
                0 => 'nothing is kept',
                1 => "1 is kept, and deleted by itself $days days after it came",
                default => number_format($page->total())." are kept, each deleted by itself $days days after it came",
            }, $days,
            array_map(fn (string $id): Option => new Option($id, $this->inForce->nameOf($id), $id === $point), ($this->points)()),
            array_map(fn (Enquiry $e): KeptRow => KeptRow::enquiry($e, $this->inForce->nameOf($e->edition->point->slug)), array_values($page->items())),
            route('enquiries', ['point' => $point, 'sort' => $sorting->text(), 'as' => 'csv']), $page->links('office.pages'), $sorting,
        );
    }

    private function days(Retention $what): int
    {
        return $this->inForce->registers()->house->daysKept($what);
    }
}
