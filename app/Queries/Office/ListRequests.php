<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\Enquiry;
use App\Models\RightsRequest;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;
use Juramen\Canon\ById;
use Juramen\Canon\Day;
use Juramen\Canon\Id;

/** What people ask under Art. 15 to 21 of the GDPR, what is due first first. */
final class ListRequests
{
    private const BY = ['due' => 'due_on', 'received' => 'received_at', 'asks' => 'asks'];

    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 500;

    /** @return LengthAwarePaginator<int, RightsRequest> */
    public function page(RequestFilter $filter): LengthAwarePaginator
    {
        return $this->query($filter)->paginate(self::ON_A_PAGE)->withQueryString();
    }

    /** @return LazyCollection<int, RightsRequest> */
    public function all(RequestFilter $filter): LazyCollection
    {
        return $this->query($filter)->lazy(self::READ_AT_ONCE);
    }

    public function open(): int
    {
        return RightsRequest::query()->whereNull('answered_at')->count();
    }

    /** @return list<RightsRequest> what one message asks for */
    public function of(Id $enquiry): array
    {
        return array_values(RightsRequest::query()->with('edition.point')->where('enquiry_id', $enquiry->bytes)->orderBy('id')->get()->all());
    }

    /**
     * The first day on which an answer to each message is due, of those that ask for something.
     *
     * @param  iterable<Enquiry>  $messages
     * @return array<string, Day> id of the message in hex to the day
     */
    public function dueOf(iterable $messages): array
    {
        $ids = [];
        foreach ($messages as $message) {
            $ids[] = $message->id->bytes;
        }
        $due = [];
        foreach (RightsRequest::query()->whereIn('enquiry_id', $ids)->whereNull('answered_at')->orderBy('due_on')->get() as $request) {
            $due[(string) $request->enquiry_id?->hex()] ??= $request->due_on;
        }

        return $due;
    }

    /**
     * The messages with which some came, as far as they are still there.
     *
     * @param  iterable<RightsRequest>  $requests
     * @return ById<Enquiry>
     */
    public function messages(iterable $requests): ById
    {
        $ids = [];
        foreach ($requests as $request) {
            $ids[] = $request->enquiry_id?->bytes;
        }

        return ById::of(Enquiry::query()->whereIn('id', array_filter($ids))->get(), static fn (Enquiry $e): string => $e->id->hex());
    }

    /** @return Builder<RightsRequest> */
    private function query(RequestFilter $filter): Builder
    {
        $query = RightsRequest::query()->with('edition.point')
            ->when($filter->asks !== null, static fn (Builder $q) => $q->where('asks', $filter->asks))
            ->when($filter->point !== '', static fn (Builder $q) => $q->whereRelation('edition.point', 'slug', $filter->point));
        match ($filter->state) {
            'open' => $query->whereNull('answered_at'),
            'answered' => $query->whereNotNull('answered_at'),
            default => $query,
        };

        return $query->orderBy(self::BY[$filter->sorting->column], $filter->sorting->direction())->orderBy('id');
    }
}
