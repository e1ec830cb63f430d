<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\Enquiry;
use App\Support\Sorting;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;

/** What people sent besides their consent, of one point or of all, the newest first. */
final class ListEnquiries
{
    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 1000;

    /** @return LengthAwarePaginator<int, Enquiry> */
    public function page(string $point, Sorting $sorting): LengthAwarePaginator
    {
        return $this->query($point, $sorting)->paginate(self::ON_A_PAGE)->withQueryString();
    }

    /** @return LazyCollection<int, Enquiry> */
    public function all(string $point, Sorting $sorting): LazyCollection
    {
        return $this->query($point, $sorting)->lazy(self::READ_AT_ONCE);
    }

    /** @return Builder<Enquiry> */
    private function query(string $point, Sorting $sorting): Builder
    {
        return Enquiry::query()->with('edition.point')->when($point !== '', static fn ($q) => $q->whereRelation('edition.point', 'slug', $point))
            ->orderBy(ListHeld::BY[$sorting->column], $sorting->direction())->orderBy('id');
    }
}
