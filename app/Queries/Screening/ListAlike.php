<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Actions\Consent\PersonalValues;
use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use Illuminate\Database\Eloquent\Collection;
use Juramen\Canon\Id;
use Juramen\Screening\Alike\Traits;

/** Subscribers who signed up about when another did, and are likely of the same hand. */
final class ListAlike
{
    /** Days before and after in which they are looked for. */
    private const DAYS = 3;

    /** Sign-ups that are compared, those nearest in time. */
    private const MOST = 600;

    public function __construct(private readonly PersonalValues $values) {}

    /** @return list<AlikeSignup> */
    public function to(Subscriber $subscriber): array
    {
        $own = SignupJourney::query()->with('edition.point')->where('subscriber_id', $subscriber->id)->orderByDesc('asked_at')->first();
        if ($own === null) {
            return [];
        }
        $near = SignupJourney::query()->with(['edition.point', 'subscriber'])->where('found_spam', false)->where('subscriber_id', '<>', $subscriber->id)
            ->whereRelation('subscriber', 'controller_id', $subscriber->controller_id)
            ->whereBetween('asked_at', [Instants::write($own->asked_at->plusDays(-self::DAYS)), Instants::write($own->asked_at->plusDays(self::DAYS))])
            ->orderByRaw('ABS(TIMESTAMPDIFF(SECOND, asked_at, ?))', [Instants::write($own->asked_at)])->limit(self::MOST)->get();
        $signals = AssessedSubmission::query()->whereIn('id', $near->pluck('assessed_id')->push($own->assessed_id)->filter())->pluck('signals', 'id');
        $traits = static fn (SignupJourney $j, string $email): Traits => Traits::ofSignup(
            $email, (string) ($signals[$j->assessed_id] ?? ''), $j->edition->point->slug.' '.$j->asked_at->utc->format('Y-m-d')
        );
        $ours = $traits($own, $this->values->newestOf($subscriber->subject)->get('email')->value ?? '@');
        [$email, $alike] = [$this->addresses($near), []];
        foreach ($near as $journey) {
            $address = $email[$journey->subscriber_id] ?? null;
            if ($address !== null && $ours->isLike($traits($journey, $address))) {
                $alike[$journey->subscriber_id] ??= new AlikeSignup($journey->subscriber, $address, $journey);
            }
        }

        return array_values($alike);
    }

    /**
     * @param  Collection<int, SignupJourney>  $journeys  of others
     * @return array<int, string> by subscriber; of whoever nothing is permitted to and nothing waits for there is none
     */
    private function addresses(Collection $journeys): array
    {
        $subscribers = $journeys->map(static fn (SignupJourney $j): Subscriber => $j->subscriber)->unique('id');
        $kept = $this->values->addressesOf(array_values($subscribers->map(static fn (Subscriber $s): Id => $s->subject)->all()));
        $addresses = [];
        foreach ($subscribers as $each) {
            $addresses[$each->id] = $kept->get($each->subject->hex())->value ?? '';
        }

        return array_filter($addresses, static fn (string $a): bool => $a !== '');
    }
}
