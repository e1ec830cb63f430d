<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\HeldSubmission;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;

/** What screening held: what waits for a decision, and what was decided and is not carried out yet, the newest first. */
final class ListHeld
{
    private const ON_A_PAGE = 60;

    private const READ_AT_ONCE = 1000;

    /** @return LengthAwarePaginator<int, HeldSubmission> */
    public function page(): LengthAwarePaginator
    {
        return $this->waiting()->paginate(self::ON_A_PAGE);
    }

    /** @return LazyCollection<int, HeldSubmission> */
    public function all(): LazyCollection
    {
        return $this->waiting()->lazy(self::READ_AT_ONCE);
    }

    /** @return Collection<int, HeldSubmission> */
    public function decided(): Collection
    {
        return HeldSubmission::query()->with(['edition.point', 'user'])->whereNotNull('decided')->orderByDesc('decided_at')->orderByDesc('id')
            ->limit(self::ON_A_PAGE)->get();
    }

    /** @return Builder<HeldSubmission> */
    private function waiting(): Builder
    {
        return HeldSubmission::query()->with(['edition.point', 'user'])->whereNull('decided')->orderByDesc('received_at')->orderByDesc('id');
    }
}
