<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Casts\Instants;
use App\Models\SignupJourney;
use App\Support\Moments;
use App\Support\Tally;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;

/** Sign-ups by what became of them, at which point, on which days, to which words, the newest first: the records behind every number. */
final class ListSignups
{
    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 1000;

    public function count(SignupFilter $filter): Tally
    {
        return Tally::of($this->query($filter)->select('id'), Tally::LIST);
    }

    /**
     * @param  Tally  $count  of all that the filter lets through
     * @return LengthAwarePaginator<int, SignupJourney>
     */
    public function page(SignupFilter $filter, Tally $count): LengthAwarePaginator
    {
        return $this->query($filter)->paginate(self::ON_A_PAGE, total: $count->counted)->withQueryString();
    }

    /** @return LazyCollection<int, SignupJourney> */
    public function all(SignupFilter $filter): LazyCollection
    {
        return $this->query($filter)->lazy(self::READ_AT_ONCE);
    }

    /** @return Builder<SignupJourney> */
    private function query(SignupFilter $filter): Builder
    {
        $query = SignupJourney::query()->where('besides', false)->with('subscriber', 'edition.point')
            ->orderBy('asked_at', $filter->sorting->direction())
            ->orderBy('id', $filter->sorting->direction());
        if ($filter->state !== null) {
            $query->whereIn('state', $filter->state->journeys());
        }
        if ($filter->point !== null) {
            $query->whereRelation('edition.point', 'slug', $filter->point);
        }
        if ($filter->words !== null) {
            $edition = $filter->words->bytes;
            $query->whereIn('id', static fn ($q) => $q->select('journey')->from('journey_answers')->where('edition', $edition));
        }
        if ($filter->from !== null) {
            $query->where('asked_at', '>=', Instants::write($filter->from->begins(Moments::zone())));
        }
        if ($filter->to !== null) {
            $query->where('asked_at', '<', Instants::write($filter->to->plus(1)->begins(Moments::zone())));
        }

        return $query;
    }
}
