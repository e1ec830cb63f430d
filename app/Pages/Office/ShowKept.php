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
use Juramen\Register\Retention;

/** Prepares the pages of what is kept for some days: held submissions, and enquiries. */
final class ShowKept
{
    public function __construct(
        private readonly ListHeld $held, private readonly ListEnquiries $enquiries, private readonly PointNames $points,
        private readonly RegistersInForce $inForce
    ) {}

    public function held(): KeptPage
    {
        $page = $this->held->page();
        $state = match ($page->total()) {
            0 => 'nothing waits',
            1 => '1 waits for a decision',
            default => $page->total().' wait for a decision',
        };

        return new KeptPage(
            $state, $this->days(Retention::Held), [], array_map(static fn (HeldSubmission $h): KeptRow => KeptRow::held($h), array_values($page->items())),
            route('held', ['as' => 'csv']), $page->links('office.pages')
        );
    }

    public function enquiries(string $point): KeptPage
    {
        $page = $this->enquiries->page($point);
        $days = $this->days(Retention::Enquiry);

        return new KeptPage(
            number_format($page->total()).($page->total() === 1 ? ' is kept' : ' are kept').", each deleted by itself $days days after it came", $days,
            array_map(static fn (string $name): Option => new Option($name, $name, $name === $point), ($this->points)()),
            array_map(static fn (Enquiry $e): KeptRow => KeptRow::enquiry($e), array_values($page->items())),
            route('enquiries', ['point' => $point, 'as' => 'csv']), $page->links('office.pages'),
        );
    }

    private function days(Retention $what): int
    {
        return $this->inForce->registers()->house->daysKept($what);
    }
}
