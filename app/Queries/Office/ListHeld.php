<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\HeldSubmission;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;

/** What screening held and waits for a decision, the newest first. */
final class ListHeld
{
    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 1000;

    /** @return LengthAwarePaginator<int, HeldSubmission> */
    public function page(): LengthAwarePaginator
    {
        return $this->query()->paginate(self::ON_A_PAGE);
    }

    /** @return LazyCollection<int, HeldSubmission> */
    public function all(): LazyCollection
    {
        return $this->query()->lazy(self::READ_AT_ONCE);
    }

    /** @return Builder<HeldSubmission> */
    private function query(): Builder
    {
        return HeldSubmission::query()->with('edition.point')->orderByDesc('received_at')->orderByDesc('id');
    }
}
