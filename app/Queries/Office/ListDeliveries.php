<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\SignupJourney;
use App\Support\Sorting;
use App\Support\Tally;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;
use Juramen\Consent\JourneyState;

/** What is on its way out, by where it stands, the newest first. */
final class ListDeliveries
{
    /** What the list can be sorted by. */
    public const BY = ['made' => 'id', 'mail' => 'kind', 'form' => 'point_edition_id', 'tries' => 'attempts'];

    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 1000;

    /**
     * @param  Tally  $count  of all that stand in that state
     * @return LengthAwarePaginator<int, Delivery>
     */
    public function page(DeliveryState $state, Tally $count, Sorting $sorting): LengthAwarePaginator
    {
        return Delivery::query()->with('edition.point', 'subscriber')->where('state', $state)
            ->orderBy(self::BY[$sorting->column], $sorting->direction())->orderByDesc('id')
            ->paginate(self::ON_A_PAGE, total: $count->counted)->withQueryString();
    }

    /** @return LazyCollection<int, Delivery> */
    public function all(DeliveryState $state): LazyCollection
    {
        return Delivery::query()->with('edition.point')->where('state', $state)->lazyByIdDesc(self::READ_AT_ONCE);
    }

    /**
     * What became of the sign-ups that deliveries belong to.
     *
     * @param  list<Delivery>  $deliveries
     * @return Collection<string, JourneyState> by the id of the sign-up in hex
     */
    public function signups(array $deliveries): Collection
    {
        $ids = array_filter(array_map(static fn (Delivery $d): ?string => $d->journey?->bytes, $deliveries));

        return SignupJourney::query()->whereIn('id', $ids)->get(['id', 'state'])
            ->mapWithKeys(static fn (SignupJourney $j): array => [$j->id->hex() => $j->state]);
    }

    /** @return list<DeliveryCount> one for each state, in their order */
    public function counts(): array
    {
        return array_map(
            static fn (DeliveryState $each): DeliveryCount => new DeliveryCount(
                $each, Tally::of(Delivery::query()->select('id')->where('state', $each), Tally::LIST)
            ), DeliveryState::cases()
        );
    }
}
