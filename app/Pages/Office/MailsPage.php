<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Queries\Office\DeliveryCount;
use App\Queries\Office\ListDeliveries;
use App\Support\Sorting;
use Illuminate\Contracts\Support\Htmlable;

/** The mails on their way that stand in one state. */
final readonly class MailsPage
{
    /**
     * @param  list<StateTab>  $tabs
     * @param  list<MailRow>  $rows
     * @param  bool  $again  whether the chosen ones can be sent once more
     * @param  bool  $leave  whether they can be left as they are
     */
    private function __construct(
        public array $tabs, public string $meaning, public array $rows, public string $csv, public Htmlable $pages, public Sorting $sorting,
        public string $state, public bool $again, public bool $leave
    ) {}

    /** @param  callable(string): string  $name  of a point */
    public static function of(ListDeliveries $list, DeliveryState $state, Sorting $sorting, callable $name): self
    {
        $counts = $list->counts();
        $count = collect($counts)->firstOrFail(static fn (DeliveryCount $each): bool => $each->state === $state)->count;
        $page = $list->page($state, $count, $sorting);
        $deliveries = array_values($page->items());
        $signups = $list->signups($deliveries);

        return new self(
            array_map(static fn (DeliveryCount $each): StateTab => new StateTab(
                (string) __("office.mail-tabs.{$each->state->value}"), $each->count->text(),
                route('mails', ['state' => $each->state->value]), $each->state === $state
            ), $counts),
            __("office.mail-states.{$state->value}"),
            array_map(static fn (Delivery $d): MailRow => MailRow::of(
                $d, $signups->get((string) $d->journey?->hex()), $name($d->edition->point->slug ?? '')
            ), $deliveries),
            route('mails', ['state' => $state->value, 'as' => 'csv']),
            $page->links('office.pages'), $sorting, $state->value, $state->mayBeSentAgain(), $state === DeliveryState::Uncertain,
        );
    }
}
