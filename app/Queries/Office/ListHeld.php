<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\HeldSubmission;
use App\Support\Sorting;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;

/** What screening held and waits for a decision, the newest first. */
final class ListHeld
{
    /** What a list of what is kept can be sorted by. */
    public const COLUMNS = ['received', 'form', 'deleted'];

    public const BY = ['received' => 'received_at', 'form' => 'point_edition_id', 'deleted' => 'deleted_at'];

    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 1000;

    /** @return LengthAwarePaginator<int, HeldSubmission> */
    public function page(Sorting $sorting): LengthAwarePaginator
    {
        return $this->query($sorting)->paginate(self::ON_A_PAGE)->withQueryString();
    }

    /** @return LazyCollection<int, HeldSubmission> */
    public function all(Sorting $sorting): LazyCollection
    {
        return $this->query($sorting)->lazy(self::READ_AT_ONCE);
    }

    /** @return Builder<HeldSubmission> */
    private function query(Sorting $sorting): Builder
    {
        return HeldSubmission::query()->with('edition.point')->orderBy(self::BY[$sorting->column], $sorting->direction())
            ->orderBy('id', $sorting->direction());
    }
}
