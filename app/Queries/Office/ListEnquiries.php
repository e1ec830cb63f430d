<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\RegisteredController;
use App\Models\Role;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\Stored;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\LazyCollection;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/** What people sent besides their consent, as far as somebody may see it. */
final class ListEnquiries
{
    private const BY = ['received' => 'received_at', 'form' => 'point_edition_id', 'deleted' => 'deleted_at'];

    private const ON_A_PAGE = 50;

    private const READ_AT_ONCE = 500;

    /** Of so many, the newest, words are looked for: they are encrypted, and each is opened for it. */
    private const SEARCHED = 5000;

    public function __construct(private readonly KeyStore $keys) {}

    /** @return LengthAwarePaginator<int, Enquiry> */
    public function page(EnquiryFilter $filter, User $user): LengthAwarePaginator
    {
        return $this->query($filter, $user)->paginate(self::ON_A_PAGE)->withQueryString();
    }

    /** @return LazyCollection<int, Enquiry> */
    public function all(EnquiryFilter $filter, User $user): LazyCollection
    {
        return $this->query($filter, $user)->lazy(self::READ_AT_ONCE);
    }

    /** How many nobody has closed. */
    public function open(User $user): int
    {
        return $this->seenBy($user)->whereNot('state', EnquiryState::Closed)->count();
    }

    /** @return Builder<Enquiry> */
    private function query(EnquiryFilter $filter, User $user): Builder
    {
        $query = $this->seenBy($user)->with('edition.point', 'user')
            ->when($filter->point !== '', static fn (Builder $q) => $q->whereRelation('edition.point', 'slug', $filter->point));
        match ($filter->state) {
            'mine' => $query->where('user_id', $user->id)->whereNot('state', EnquiryState::Closed),
            'closed' => $query->where('state', EnquiryState::Closed),
            'open' => $query->whereNot('state', EnquiryState::Closed),
            default => $query,
        };
        if ($filter->words !== '') {
            $query = $this->searched($query, $filter->words);
        }

        return $query->orderBy(self::BY[$filter->sorting->column], $filter->sorting->direction())->orderBy('id');
    }

    /** @return Builder<Enquiry> */
    private function seenBy(User $user): Builder
    {
        $mine = $user->role === Role::Editor ? $user->ownControllers() : [];

        return Enquiry::query()->when($mine !== [], static fn (Builder $q) => $q->whereIn('controller_id', $mine));
    }

    /**
     * By an address at once, however it is written; by words by opening the newest of those that are looked at.
     *
     * @param  Builder<Enquiry>  $query
     * @return Builder<Enquiry>
     */
    private function searched(Builder $query, string $words): Builder
    {
        try {
            $email = EmailAddress::parse($words);
        } catch (InvalidEmailAddress) {
            $email = null;
        }
        if ($email !== null) {
            $lookups = array_map(
                fn (string $slug): string => $this->keys->lookup($slug, 'email', $email->lookup())->bytes,
                Stored::texts(RegisteredController::query()->pluck('slug'))
            );

            return $query->whereIn('lookup', $lookups);
        }
        $found = $query->clone()->orderByDesc('received_at')->limit(self::SEARCHED)->get()
            ->filter(static fn (Enquiry $e): bool => $e->content->says($words));

        return Enquiry::query()->with('edition.point', 'user')->whereIn('id', $found->map(static fn (Enquiry $e): string => $e->id->bytes)->all());
    }
}
