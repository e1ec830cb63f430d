<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\RightsRequest;
use App\Pages\Controls\Option;
use App\Queries\Office\ListRequests;
use App\Queries\Office\RequestFilter;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Contracts\Support\Htmlable;
use Juramen\Canon\Day;
use Juramen\Upkeep\Right;

/** What people ask under Art. 15 to 21 of the GDPR, as a list to answer. */
final readonly class RequestsPage
{
    private const STATES = ['open' => 'to be answered', 'answered' => 'answered', 'all' => 'all'];

    /**
     * @param  string  $state  how much of it there is, in words
     * @param  list<Option>  $states
     * @param  list<Option>  $rights
     * @param  list<Option>  $points
     * @param  list<RequestRow>  $rows
     */
    private function __construct(
        public string $state, public RequestFilter $filter, public array $states, public array $rights, public array $points, public array $rows,
        public string $csv, public Htmlable $pages
    ) {}

    public static function of(RequestFilter $filter, ListRequests $list, PointNames $points, RegistersInForce $inForce, Day $today): self
    {
        $page = $list->page($filter);
        $messages = $list->messages($page->items());

        return new self(
            match ($open = $list->open()) {
                0 => 'none is to be answered',
                1 => '1 is to be answered',
                default => "$open are to be answered",
            },
            $filter, Option::all(self::STATES, [$filter->state]), [new Option('', 'anything', $filter->asks === null), ...self::rights($filter->asks)],
            [
                new Option('', 'every point', $filter->point === ''),
                ...array_map(static fn (string $id): Option => new Option($id, $inForce->nameOf($id), $id === $filter->point), $points()),
            ],
            array_map(static fn (RightsRequest $r): RequestRow => RequestRow::of(
                $r, $messages->get((string) $r->enquiry_id?->hex()), $inForce->nameOf($r->edition->point->slug), $today
            ), array_values($page->items())),
            route('requests', [...$filter->query(), 'as' => 'csv']), $page->links('office.pages'),
        );
    }

    /** @return list<Option> each with the article that grants it */
    public static function rights(?Right $chosen = null): array
    {
        return array_map(
            static fn (Right $r): Option => new Option($r->value, __("office.rights.$r->value.name").", Art. {$r->article()}", $r === $chosen), Right::cases()
        );
    }
}
