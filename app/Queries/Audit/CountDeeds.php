<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\HandoverState;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Deed;
use Juramen\Audit\Deeds;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Reason;
use Juramen\Log\Disclosure;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Network;
use Juramen\Register\Purpose;

/** Counts what was done at all points of ours, in a query for each kind of deed; none goes by point. */
final class CountDeeds
{
    /** Days of withdrawals and confirmations that are looked at. */
    private const LATELY = 90;

    /** Days of sign-ups in which old copies are looked for. */
    private const COPIES = 30;

    /** Days from asking after which nothing that was not confirmed is kept, whatever stood still. */
    private const LONGEST = 31;

    /** Seconds from the mail's acceptance within which nobody has read it. */
    private const AT_ONCE = 3;

    /** Days after which ten business days are over, two holidays among them. */
    private const TEN_BUSINESS_DAYS = 16;

    /** Years for which consent to calls is documented in Germany. Source: UWG 7a. */
    private const CALLS = 5;

    /** Of the values kept last, so many are looked at. */
    private const VALUES = 500;

    /** @var array<string, Deeds> by the slug of a point */
    private array $done = [];

    public function __construct(private readonly RegistersInForce $inForce, private readonly SystemClock $clock) {}

    /** @return array<string, Deeds> by the slug of a point; whoever is not among them did nothing */
    public function __invoke(): array
    {
        $this->done = [];
        $this->permissions();
        $this->calls();
        $this->tooLong();
        $this->signups();
        $this->oldCopies();
        $this->withdrawals();
        $this->handovers();
        $this->networks();
        $this->past();
        $this->requests();

        return $this->done;
    }

    private function permissions(): void
    {
        $standing = DB::table('permissions')->where('allowed', true)->where('permissions.point', '!=', '');
        $this->add(Deed::Permitted, $standing->clone(), 'permissions.point', 'COUNT(*)');
        $this->add(Deed::PermittedOfNobody, $standing->clone()->whereNotExists(
            static fn (Builder $q) => $q->from('contact_points')->whereColumn('contact_points.subscriber_id', 'permissions.subscriber_id')
        ), 'permissions.point', 'COUNT(*)');
        $this->add(Deed::PermittedWithoutWords, $standing->clone()->where(static fn (Builder $q) => $q->where('statements', ' ')->orWhereNotExists(
            static fn (Builder $e) => $e->from(LedgerTables::named('entries'), 'e')->whereColumn('e.id', 'permissions.entry')
        )), 'permissions.point', 'COUNT(*)');
        $asks = $this->pointsThatAsk();
        $this->add(Deed::PermittedUnconfirmed, $standing->clone()->whereIn('permissions.point', $asks)->whereNotExists(
            static fn (Builder $q) => $q->from('journeys')->whereColumn('journeys.subscriber_id', 'permissions.subscriber_id')
                ->where('journeys.state', JourneyState::Confirmed->value)
        ), 'permissions.point', 'COUNT(*)');
    }

    /** @return list<string> slugs of the points whose people confirm */
    private function pointsThatAsk(): array
    {
        $registers = $this->inForce->registers();
        $asks = [];
        foreach ($this->inForce->sheets() as $sheet) {
            if ($registers->complete($sheet->draft)->rules->doubleOptIn) {
                $asks[] = $sheet->draft->point->text;
            }
        }

        return $asks;
    }

    private function calls(): void
    {
        $from = Instant::of($this->clock->instant()->utc->modify('-'.self::CALLS.' years'));
        $this->add(Deed::CallsWithoutProof, $this->everPermitted()->join('subscribers', 'subscribers.id', '=', 'permissions.subscriber_id')
            ->where('permissions.channel', Channel::Phone->value)
            ->whereIn('permissions.reason', [Reason::Agreed->value, Reason::Confirmed->value, Reason::Withdrawn->value])
            ->where('permissions.since', '>', Instants::write($from))->whereNotExists(
                static fn (Builder $q) => $q->from('disclosures')->whereColumn('disclosures.subject', 'subscribers.subject')
            ), 'points.slug', 'COUNT(DISTINCT permissions.id)');
    }

    private function tooLong(): void
    {
        $now = $this->clock->instant();
        $house = $this->inForce->registers()->house;
        foreach ($this->inForce->registers()->purposes->all() as $purpose) {
            foreach (Channel::cases() as $channel) {
                $months = $this->months($purpose, $house->refreshMonths($channel));
                $this->add(Deed::PermittedTooLong, DB::table('permissions')->where('purpose', $purpose->id->text)->where('channel', $channel->value)
                    ->where('allowed', true)->where('since', '<', Instants::write(Instant::of($now->utc->modify("-$months months")))), 'point', 'COUNT(*)');
            }
        }
    }

    private function months(Purpose $purpose, int $ofHouse): int
    {
        return $purpose->refreshMonths === 0 ? $ofHouse : $purpose->refreshMonths;
    }

    private function signups(): void
    {
        $ends = $this->signupsBy()->whereIn('state', [JourneyState::Asked->value, JourneyState::Mailed->value])->where(fn (Builder $q) => $q
            ->where('lapses_at', '<', $this->ago(1))->orWhere('asked_at', '<', $this->ago(self::LONGEST)));
        $this->add(Deed::WaitsPastItsEnd, $ends, 'points.slug', 'COUNT(*)');
        $confirmed = $this->signupsBy()->where('asked_at', '>', $this->ago(self::LATELY))->whereNotNull('mailed_at')->whereNotNull('confirmed_at');
        $this->add(Deed::Confirmed, $confirmed->clone(), 'points.slug', 'COUNT(*)');
        $this->add(
            Deed::ConfirmedAtOnce, $confirmed->whereRaw('TIMESTAMPDIFF(MICROSECOND, mailed_at, confirmed_at) < ?', [1_000_000 * self::AT_ONCE]), 'points.slug',
            'COUNT(*)'
        );
    }

    private function oldCopies(): void
    {
        $rows = $this->signupsBy()->join('point_editions AS newer', static fn ($join) => $join->on('newer.point_id', '=', 'point_editions.point_id')
            ->whereRaw('newer.number = point_editions.number + 1'))
            ->where('asked_at', '>', $this->ago(self::COPIES))->whereRaw('asked_at > newer.published_at + INTERVAL 1 DAY')
            ->groupBy('points.slug', 'point_editions.number', 'placement')->orderBy('points.slug')->orderByDesc('n')
            ->selectRaw('points.slug, point_editions.number, placement, COUNT(*) AS n, MAX(asked_at) AS newest')->get();
        foreach ($rows as $row) {
            [$point, $place] = [Stored::text($row->slug), Stored::text($row->placement)];
            $where = 'edition '.Stored::number($row->number).($place === 'page' ? ' on our own page' : " on “{$place}”")
                .', last on '.Moments::plain(Moments::isoDay(Instants::read(Stored::text($row->newest))));
            $this->done[$point] = ($this->done[$point] ?? Deeds::none())->andOldCopy($where, Stored::number($row->n));
        }
    }

    private function withdrawals(): void
    {
        $rows = $this->everPermitted()->join(LedgerTables::named('entries').' AS e', 'e.id', '=', 'permissions.entry')
            ->where('permissions.reason', Reason::Withdrawn->value)->where('permissions.since', '>', $this->ago(self::LATELY))
            ->groupBy('points.slug', 'how')->selectRaw(
                "points.slug AS point, JSON_VALUE(CONVERT(e.body USING utf8mb4), '$.how') AS how, COUNT(DISTINCT permissions.subscriber_id) AS n"
            )->get();
        $told = array_map(static fn (How $h): string => $h->value, How::told());
        foreach ($rows as $row) {
            $this->note(Deed::Withdrawn, Stored::text($row->point), Stored::number($row->n));
            $this->note(Deed::WithdrawnByTelling, Stored::text($row->point), in_array($row->how, $told, true) ? Stored::number($row->n) : 0);
        }
    }

    private function handovers(): void
    {
        $there = [HandoverState::In->value, HandoverState::Waiting->value];
        $out = $this->handoversBy()->where('wanted', false);
        $this->add(
            Deed::TakenInAfterwards, $out->clone()->whereIn('told', $there)->whereColumn('told_at', '>', 'wanted_at'), 'points.slug',
            'COUNT(DISTINCT handovers.id)'
        );
        $late = fn (int $days): Builder => $out->clone()->where('settled', false)->where('wanted_at', '<', $this->ago($days));
        $this->add(Deed::NotPassedOn, $late(1), 'points.slug', 'COUNT(DISTINCT handovers.id)');
        $this->add(Deed::NotPassedOnInTenDays, $late(self::TEN_BUSINESS_DAYS), 'points.slug', 'COUNT(DISTINCT handovers.id)');
        foreach ($this->inForce->registers()->lists->all() as $list) {
            $this->add(Deed::UsedOtherwise, $this->neverAskedFor($list)->whereIn('told', $there), 'points.slug', 'COUNT(DISTINCT handovers.id)');
        }
    }

    private function neverAskedFor(ContactList $list): Builder
    {
        return $this->handoversBy()->where('handovers.list', $list->id->text)->whereNotExists(
            static fn (Builder $q) => $q->from('permissions')->whereColumn('permissions.subscriber_id', 'handovers.subscriber_id')
                ->where('purpose', $list->purpose->text)->where('channel', $list->channel->value)
        );
    }

    private function networks(): void
    {
        $whole = [];
        foreach (DB::table('disclosures')->orderByDesc('id')->limit(self::VALUES)->get(['subject', 'text']) as $row) {
            $value = Disclosure::parse(Stored::text($row->text));
            if ($value->name === 'network') {
                $subject = Stored::text($row->subject);
                $whole[$subject] = ($whole[$subject] ?? false) || Network::truncate(explode('/', $value->value)[0]) !== $value->value;
            }
        }
        $points = $this->signupsBy()->join('subscribers', 'subscribers.id', '=', 'journeys.subscriber_id')
            ->whereIn('subscribers.subject', array_map(strval(...), array_keys($whole)))->distinct()->get(['points.slug', 'subscribers.subject']);
        foreach ($points as $row) {
            $this->note(Deed::NetworkKept, Stored::text($row->slug), 1);
            $this->note(Deed::NetworkWhole, Stored::text($row->slug), $whole[Stored::text($row->subject)] ? 1 : 0);
        }
    }

    private function past(): void
    {
        foreach (['enquiries', 'held_submissions'] as $table) {
            $past = $this->atPoints(DB::table($table), $table)->where("$table.deleted_at", '<', $this->ago(1));
            $this->add(Deed::KeptPastItsTime, $table === 'held_submissions' ? $past->whereNull('decided') : $past->whereNotExists(
                static fn (Builder $q) => $q->from('rights_requests')->whereColumn('enquiry_id', 'enquiries.id')->whereNull('answered_at')
            ), 'points.slug', 'COUNT(*)');
        }
    }

    private function requests(): void
    {
        $all = $this->atPoints(DB::table('rights_requests'), 'rights_requests')->where('rights_requests.received_at', '>', $this->ago(365));
        $this->add(Deed::Requested, $all->clone(), 'points.slug', 'COUNT(*)');
        $today = $this->clock->today();
        $this->add(Deed::AnsweredLate, $all->where(static fn (Builder $q) => $q
            ->where(static fn (Builder $open) => $open->whereNull('answered_at')->where('due_on', '<', $today->text))
            // The office's day may end two hours before that of UTC.
            ->orWhereRaw('answered_at >= due_on + INTERVAL 26 HOUR')), 'points.slug', 'COUNT(*)');
    }

    private function signupsBy(): Builder
    {
        return $this->atPoints(DB::table('journeys'), 'journeys');
    }

    /** Permissions, with the points at which their people signed up; of those that stand no more it is not kept by which they came. */
    private function everPermitted(): Builder
    {
        return $this->atPoints(DB::table('permissions')->join('journeys', 'journeys.subscriber_id', '=', 'permissions.subscriber_id'), 'journeys');
    }

    /** People handed over, with the points at which they signed up. */
    private function handoversBy(): Builder
    {
        return $this->atPoints(DB::table('handovers')->join('journeys', 'journeys.subscriber_id', '=', 'handovers.subscriber_id'), 'journeys');
    }

    /** @param  string  $table  among the rows, which names an edition of a point */
    private function atPoints(Builder $rows, string $table): Builder
    {
        return $rows->join('point_editions', 'point_editions.id', '=', "$table.point_edition_id")->join('points', 'points.id', '=', 'point_editions.point_id');
    }

    private function add(Deed $deed, Builder $rows, string $point, string $number): void
    {
        foreach ($rows->groupBy($point)->selectRaw("$point AS point, $number AS n")->get() as $row) {
            $this->note($deed, Stored::text($row->point), Stored::number($row->n));
        }
    }

    private function note(Deed $deed, string $point, int $times): void
    {
        $this->done[$point] = ($this->done[$point] ?? Deeds::none())->and($deed, $times);
    }

    private function ago(int $days): string
    {
        return Instants::write($this->clock->instant()->plusDays(-$days));
    }
}
