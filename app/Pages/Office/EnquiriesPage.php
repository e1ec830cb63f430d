<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Enquiry;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Office\EnquiryFilter;
use App\Queries\Office\ListEnquiries;
use App\Queries\Office\ListRequests;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Contracts\Support\Htmlable;
use Juramen\Register\Retention;

/** What people sent besides their consent, as a list to work on. */
final readonly class EnquiriesPage
{
    private const STATES = ['open' => 'not closed', 'mine' => 'mine', 'closed' => 'closed', 'all' => 'all'];

    /**
     * @param  string  $state  how much of it there is, in words
     * @param  list<Option>  $states
     * @param  list<Option>  $points
     * @param  list<EnquiryRow>  $rows
     */
    private function __construct(
        public string $state, public EnquiryFilter $filter, public array $states, public array $points, public array $rows, public string $csv,
        public Htmlable $pages, public int $days
    ) {}

    public static function of(
        EnquiryFilter $filter, User $user, ListEnquiries $list, ListRequests $requests, PointNames $points,
        RegistersInForce $inForce
    ): self {
        $page = $list->page($filter, $user);
        $open = $list->open($user);
        $due = $requests->dueOf($page->items());

        return new self(
            match ($open) {
                0 => 'none waits',
                1 => '1 waits for somebody',
                default => number_format($open).' wait for somebody',
            },
            $filter, Option::all(self::STATES, [$filter->state]),
            [
                new Option('', 'every point', $filter->point === ''),
                ...array_map(static fn (string $id): Option => new Option($id, $inForce->nameOf($id), $id === $filter->point), $points()),
            ],
            array_map(static fn (Enquiry $e): EnquiryRow => EnquiryRow::of(
                $e, $inForce->nameOf($e->edition->point->slug), due: $due[$e->id->hex()] ?? null
            ), array_values($page->items())),
            route('enquiries', [...$filter->query(), 'as' => 'csv']), $page->links('office.pages'), $inForce->registers()->house->daysKept(Retention::Enquiry),
        );
    }
}
