<?php

declare(strict_types=1);

namespace App\Queries\Flow;

use App\Casts\Instants;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\SignupJourney;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;
use Juramen\Consent\Durations;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Through;
use Juramen\Consent\TrialSide;

/** Reads how sign-ups at a point went: from counts of each day what was shown and sent, from sign-ups what became of them. */
final class ReadFlow
{
    /** Of how many, the newest, it is said how long they took. */
    private const TIMED = 20_000;

    public function __construct(private readonly SystemClock $clock) {}

    public function of(Point $point, FlowFilter $filter): Flow
    {
        $counts = $this->counts($point, $filter);
        $pages = $counts['shown 1'] === null ? [null] : array_map(
            static fn (int $page): int => (int) $counts["shown $page"], range(1, max(1, ...array_map(self::page(...), array_keys($counts))))
        );
        $ticked = [];
        foreach ($counts as $what => $count) {
            if (str_starts_with($what, 'ticked ')) {
                $ticked[] = new Ticked(substr($what, 7), (int) $count);
            }
        }
        $of = self::sums($this->journeys($point, $filter));
        $spam = $this->journeys($point, $filter, true)->count();
        $newest = $this->journeys($point, $filter)->whereNotNull('mailed_at')->orderByDesc('asked_at')->limit(self::TIMED)
            ->get(['asked_at', 'mailed_at', 'confirmed_at'])->all();

        return new Flow(
            $pages, $counts['sent'] === null ? null : max(0, (int) $counts['sent'] + (int) $counts['held'] - $spam),
            $counts['held'], $ticked, $of['asked'], $of['mailed'],
            $of['opened'] + (int) $counts['opened, pressed'] + (int) $counts['opened, not pressed'], $of['confirmed'], $of['lapsed'], $of['ended'],
            $of['waiting'], $of['withdrawn'],
            self::durations($newest, static fn (SignupJourney $j): Instant => $j->asked_at, static fn (SignupJourney $j): ?Instant => $j->mailed_at),
            self::durations($newest, static fn (SignupJourney $j): ?Instant => $j->mailed_at, static fn (SignupJourney $j): ?Instant => $j->confirmed_at),
            $this->countedSince($point), $spam,
        );
    }

    /**
     * What became of some sign-ups, in numbers.
     *
     * @param  Builder<SignupJourney>  $journeys
     * @return array{asked: int, mailed: int, opened: int, confirmed: int, lapsed: int, waiting: int, ended: int, withdrawn: int}
     */
    public static function sums(Builder $journeys): array
    {
        $row = $journeys->toBase()->selectRaw(
            'COUNT(*) AS asked, SUM(mailed_at IS NOT NULL) AS mailed, SUM(opened) AS opened, SUM(confirmed_at IS NOT NULL) AS confirmed,
             SUM(state = ?) AS lapsed, SUM(ended_at IS NULL) AS waiting, SUM(confirmed_at IS NULL AND ended_at IS NOT NULL AND state <> ?) AS ended,
             SUM(state = ? AND ended_at <= DATE_ADD(confirmed_at, INTERVAL ? DAY)) AS withdrawn',
            [JourneyState::Lapsed->value, JourneyState::Lapsed->value, JourneyState::Revoked->value, TrialSide::DAYS]
        )->first();
        $of = static fn (string $name): int => is_numeric($row?->{$name}) ? (int) $row->{$name} : 0;

        return [
            'asked' => $of('asked'), 'mailed' => $of('mailed'), 'opened' => $of('opened'), 'confirmed' => $of('confirmed'), 'lapsed' => $of('lapsed'),
            'waiting' => $of('waiting'), 'ended' => $of('ended'), 'withdrawn' => $of('withdrawn'),
        ];
    }

    /** @return list<string> where people came upon the form */
    public function placements(Point $point): array
    {
        $of = SignupJourney::query()->whereRelation('edition', 'point_id', $point->id);

        return array_values(array_filter($of->distinct()->orderBy('placement')->pluck('placement')->all(), is_string(...)));
    }

    /**
     * @param  array<array-key, SignupJourney>  $journeys
     * @param  callable(SignupJourney): ?Instant  $from
     * @param  callable(SignupJourney): ?Instant  $to
     */
    private static function durations(array $journeys, callable $from, callable $to): Durations
    {
        $seconds = [];
        foreach ($journeys as $journey) {
            [$began, $ended] = [$from($journey), $to($journey)];
            if ($began !== null && $ended !== null) {
                $seconds[] = max(0, $ended->utc->getTimestamp() - $began->utc->getTimestamp());
            }
        }

        return new Durations($seconds);
    }

    /**
     * @param  bool  $spam  those alone that were found to be a program's; else those alone that were not
     * @return Builder<SignupJourney> that ask by a mail
     */
    private function journeys(Point $point, FlowFilter $filter, bool $spam = false): Builder
    {
        $query = SignupJourney::query()->where('through', Through::Mail)->where('found_spam', $spam)
            ->where('asked_at', '>=', Instants::write($filter->from->begins(Moments::zone())))
            ->whereIn('point_edition_id', $this->editions($point, $filter)->select('id'));
        foreach (['language' => $filter->language?->value, 'placement' => $filter->placement] as $column => $value) {
            $value === null ? null : $query->where($column, $value);
        }

        return $query;
    }

    /** @return Builder<PublishedEdition> */
    private function editions(Point $point, FlowFilter $filter): Builder
    {
        $query = PublishedEdition::query()->where('point_id', $point->id);

        return $filter->edition === null ? $query : $query->where('number', $filter->edition);
    }

    /** @return array<string, int|null> what happened to how often; null where it was never counted, or cannot be told apart so */
    private function counts(Point $point, FlowFilter $filter): array
    {
        $known = ['shown 1' => null, 'sent' => null, 'held' => null, 'opened, pressed' => null, 'opened, not pressed' => null];
        if (! $filter->isAnywhere()) {
            return $known;
        }
        $query = DB::table('flow_counts')->where('day', '>=', $filter->from->text)
            ->whereIn('edition', $this->editions($point, $filter)->select('digest')->toBase())->groupBy('what')->selectRaw('what, SUM(count) AS count');
        if ($filter->language !== null) {
            $query->where('language', $filter->language->value);
        }
        foreach ($query->get() as $row) {
            $known[(string) $row->what] = (int) $row->count;
        }

        return $known;
    }

    private function countedSince(Point $point): ?Day
    {
        $editions = PublishedEdition::query()->select('digest')->where('point_id', $point->id)->toBase();
        $first = DB::table('flow_counts')->where('what', 'shown 1')->whereIn('edition', $editions)->min('day');

        return is_string($first) ? Day::tryParse($first) : null;
    }

    private static function page(string $what): int
    {
        return str_starts_with($what, 'shown ') ? (int) substr($what, 6) : 0;
    }
}
