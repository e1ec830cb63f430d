<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Casts\Instants;
use App\Models\Act;
use App\Models\ActArea;
use App\Models\ActKind;
use App\Models\User;
use App\Support\Moments;
use App\Support\Tally;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;

/** What those who work here did. */
final class ListActs
{
    private const ON_A_PAGE = 50;

    private const LATELY = 8;

    private const READ_AT_ONCE = 1000;

    /** @return list<Act> what somebody did last */
    public function newestOf(User $user): array
    {
        return array_values(Act::query()->with('user')->where('user_id', $user->id)->orderByDesc('id')->limit(self::LATELY)->get()->all());
    }

    /** @return list<Act> whose evidence somebody looked at last, each person once */
    public function looksOf(User $user): array
    {
        $newest = Act::query()->where('user_id', $user->id)->where('kind', ActKind::LookedAt)->groupBy('about')->selectRaw('MAX(id) AS newest')
            ->orderByDesc('newest')->limit(self::LATELY)->pluck('newest');

        return array_values(Act::query()->whereKey($newest->all())->orderByDesc('id')->get()->all());
    }

    /** @return list<Act> what was done to somebody's account last */
    public function ofAccount(User $user): array
    {
        return array_values(Act::query()->with('user')->where('about', (string) $user->id)->whereIn('kind', ActArea::Accounts->kinds())
            ->orderByDesc('id')->limit(self::LATELY)->get()->all());
    }

    /**
     * @param  list<ActKind>  $kinds  that the filter's words are found in
     * @param  list<string>  $about  names of what the filter's words are found in
     * @return LengthAwarePaginator<int, Act>
     */
    public function page(ActFilter $filter, array $kinds, array $about): LengthAwarePaginator
    {
        $query = $this->query($filter, $kinds, $about);

        return $query->paginate(self::ON_A_PAGE, total: Tally::of($query->clone()->select('id'), Tally::LIST)->counted)->withQueryString();
    }

    /**
     * @param  list<ActKind>  $kinds
     * @param  list<string>  $about
     * @return LazyCollection<int, Act>
     */
    public function all(ActFilter $filter, array $kinds, array $about): LazyCollection
    {
        return $this->query($filter, $kinds, $about)->lazy(self::READ_AT_ONCE);
    }

    /**
     * @param  list<ActKind>  $kinds
     * @param  list<string>  $about
     * @return Builder<Act>
     */
    private function query(ActFilter $filter, array $kinds, array $about): Builder
    {
        $query = Act::query()->with('user')->orderBy('id', $filter->sorting->direction());
        if ($filter->who !== null) {
            $query->where('user_id', $filter->who);
        }
        if ($filter->area !== null) {
            $query->whereIn('kind', $filter->area->kinds());
        }
        if ($filter->words !== '') {
            $part = '%'.addcslashes($filter->words, '%_\\').'%';
            $query->where(static fn (Builder $q) => $q->whereIn('kind', $kinds)->orWhereIn('about', $about)->orWhere('about', 'like', $part)
                ->orWhere('detail', 'like', $part)->orWhereHas('user', static fn (Builder $u) => $u->where('name', 'like', $part)));
        }
        if ($filter->from !== null) {
            $query->where('at', '>=', Instants::write($filter->from->begins(Moments::zone())));
        }
        if ($filter->to !== null) {
            $query->where('at', '<', Instants::write($filter->to->plus(1)->begins(Moments::zone())));
        }

        return $query;
    }
}
