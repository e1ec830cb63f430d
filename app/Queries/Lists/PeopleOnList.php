<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Casts\Instants;
use App\Models\CurrentPermission;
use App\Models\Handover;
use App\Support\Moments;
use App\Support\Tally;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;
use Juramen\Canon\Slug;
use Juramen\Consent\Reason;
use Juramen\Register\ContactList;
use Juramen\Register\Language;

/** Who is on a list, by the projection of permissions: the same people as the core's OnList finds by the fold. */
final class PeopleOnList
{
    private const ON_A_PAGE = 50;

    public function count(ContactList $list, PeopleFilter $filter, int $most = Tally::LIST): Tally
    {
        return Tally::of($this->query($list, $filter)->select('permissions.id'), $most);
    }

    /** @return LengthAwarePaginator<int, CurrentPermission> */
    public function page(ContactList $list, PeopleFilter $filter, Tally $count): LengthAwarePaginator
    {
        return $this->query($list, $filter)->with('subscriber')->orderBy('since', $filter->sorting->direction())->orderBy('id', $filter->sorting->direction())
            ->paginate(self::ON_A_PAGE, total: $count->counted)->withQueryString();
    }

    /** @return LazyCollection<int, CurrentPermission> */
    public function all(ContactList $list, PeopleFilter $filter): LazyCollection
    {
        return $this->query($list, $filter)->with('subscriber')->lazyById(1000);
    }

    /**
     * What destinations have acknowledged of some people on a list.
     *
     * @param  list<int>  $subscribers
     * @return list<Handover> in the order of the destinations' names
     */
    public function handovers(ContactList $list, array $subscribers): array
    {
        return array_values(
            Handover::query()->where('list', $list->id->text)->whereIn('subscriber_id', $subscribers)->orderBy('destination')->get()->all()
        );
    }

    /** @return Builder<CurrentPermission> */
    private function query(ContactList $list, PeopleFilter $filter): Builder
    {
        $texts = static fn (Slug $s): string => $s->text;
        $query = CurrentPermission::query()->where('purpose', $list->purpose->text)->where('channel', $list->channel->value)->where('allowed', true);
        // Only a yes on a form leads onto a list.
        $query->where('point', '<>', '');
        if ($list->confirmed) {
            $query->where('reason', Reason::Confirmed);
        }
        if ($list->statements !== []) {
            $query->where(function (Builder $q) use ($list): void {
                foreach ($list->statements as $statement) {
                    $q->orWhere('statements', 'like', "% $statement->text %");
                }
            });
        }
        if ($list->points !== []) {
            $query->whereIn('point', array_map($texts, $list->points));
        }
        if ($list->languages !== []) {
            $query->whereIn('language', array_map(static fn (Language $l): string => $l->value, $list->languages));
        }

        return $this->filtered($query, $list, $filter);
    }

    /**
     * @param  Builder<CurrentPermission>  $query
     * @return Builder<CurrentPermission>
     */
    private function filtered(Builder $query, ContactList $list, PeopleFilter $filter): Builder
    {
        if ($filter->point !== null) {
            $query->where('point', $filter->point);
        }
        if ($filter->language !== null) {
            $query->where('language', $filter->language->value);
        }
        if ($filter->from !== null) {
            $query->where('since', '>=', Instants::write($filter->from->begins(Moments::zone())));
        }
        if ($filter->to !== null) {
            $query->where('since', '<', Instants::write($filter->to->plus(1)->begins(Moments::zone())));
        }
        if ($filter->untold) {
            $query->whereIn('subscriber_id', Handover::query()->select('subscriber_id')->where('list', $list->id->text)->where('wanted', true)
                ->where('settled', false));
        }

        return $query;
    }
}
