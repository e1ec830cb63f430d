<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Actions\Consent\PersonalValues;
use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use Illuminate\Database\Eloquent\Collection;
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
        $all = $near->push($own);
        $signals = AssessedSubmission::query()->whereIn('id', $all->pluck('assessed_id')->filter())->pluck('signals', 'id');
        $email = $this->addresses($all);
        $traits = static fn (SignupJourney $j): Traits => Traits::ofSignup(
            $email[$j->subscriber_id] ?? '@', (string) ($signals[$j->assessed_id] ?? ''),
            $j->edition->point->slug.' '.$j->asked_at->utc->format('Y-m-d')
        );
        $ours = $traits($own);
        $alike = [];
        foreach ($near as $journey) {
            if ($journey !== $own && isset($email[$journey->subscriber_id]) && $ours->isLike($traits($journey))) {
                $alike[$journey->subscriber_id] ??= new AlikeSignup($journey->subscriber, $email[$journey->subscriber_id], $journey);
            }
        }

        return array_values($alike);
    }

    /**
     * @param  Collection<int, SignupJourney>  $journeys
     * @return array<int, string> by subscriber; of whoever nothing is permitted to and nothing waits for there is none
     */
    private function addresses(Collection $journeys): array
    {
        $subscribers = Subscriber::query()->whereIn('id', $journeys->pluck('subscriber_id')->unique())->get();
        $addresses = [];
        foreach ($subscribers as $each) {
            $kept = $this->values->newestOf($each->subject)->get('email');
            if ($kept !== null) {
                $addresses[$each->id] = $kept->value;
            }
        }

        return $addresses;
    }
}
