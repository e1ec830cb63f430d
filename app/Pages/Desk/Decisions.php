<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Actions\Ledger\SameLedger;
use App\Actions\Ledger\Unsealed;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Upkeep\CountDeletions;
use App\Casts\Instants;
use App\Models\AcceptedFinding;
use App\Models\ApprovedEdition;
use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\Enquiry;
use App\Models\FailedWork;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\Record;
use App\Models\RightsRequest;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Office\RequestRow;
use App\Queries\Office\EnquiryFilter;
use App\Queries\Office\ListEnquiries;
use App\Queries\Office\ListRequests;
use App\Queries\Office\RequestFilter;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Screening\Floods;
use App\Queries\Screening\LinesInForce;
use App\Queries\Wording\LanguagesLeftBehind;
use App\Queries\Wording\LeftBehind;
use App\Support\FloodMark;
use App\Support\Moments;
use App\Support\Sorting;
use App\Support\SystemClock;
use Juramen\Audit\Requirements;
use Juramen\Points\Sentences;
use Juramen\Register\Language;

/** Gathers what needs a decision, for the person who looks, in order of urgency. */
final class Decisions
{
    /** Seconds after which a mail that is due and not sent means that the worker stands still. */
    private const WORKER_STALLED = 300;

    private const SEALING_STALLED = 120;

    /** Days before a contract's end from which on it stands on the desk. */
    private const CONTRACT_ENDS_SOON = 60;

    /** Days before an exception's end from which on it stands on the desk. */
    private const EXCEPTION_ENDS_SOON = 21;

    /** Days for which a mail that was itself at fault stands on the desk. */
    private const FAULTY_DAYS = 7;

    /** @var list<PointStatus>|null */
    private ?array $rows = null;

    public function __construct(
        private readonly PointStatuses $stock, private readonly RegistersInForce $inForce, private readonly Unsealed $unsealed,
        private readonly SameLedger $same, private readonly CountDeletions $deletions, private readonly LanguagesLeftBehind $behind,
        private readonly Handovers $handovers, private readonly WaysOut $ways, private readonly AuditWork $audit,
        private readonly ListEnquiries $enquiries, private readonly ListRequests $requests,
        private readonly Floods $floods, private readonly LinesInForce $lines, private readonly SystemClock $clock
    ) {}

    /** @return list<Decision> */
    public function for(User $user): array
    {
        $all = [
            ...($user->can('viewAny', Delivery::class) ? $this->mails() : []),
            ...($user->can('viewAny', FailedWork::class) ? $this->work() : []),
            ...($user->can('viewAny', Subscriber::class) ? [...$this->sealing(), ...$this->stuck(), ...$this->floods(), ...$this->held()] : []),
            ...($user->can('viewAny', Enquiry::class) ? $this->enquiries($user) : []),
            ...($user->can('viewAny', RightsRequest::class) ? $this->requests() : []),
            ...($user->can('viewAny', Point::class) ? [...$this->points(), ...$this->exceptions(), ...$this->audit->decisions($user)] : []),
            ...($user->can('viewAny', Record::class) ? [
                ...$this->handovers->waiting($user), ...$this->handovers->returned($user), ...$this->leftBehind(), ...$this->upcoming(),
                ...$this->contracts(), ...$this->ways->decisions(),
            ] : []),
        ];
        usort($all, static fn (Decision $a, Decision $b): int => [$a->urgency, $a->sort] <=> [$b->urgency, $b->sort]);

        return $all;
    }

    /** @return list<Decision> */
    private function mails(): array
    {
        $decisions = [];
        $uncertain = Delivery::query()->where('state', DeliveryState::Uncertain)->count();
        if ($uncertain > 0) {
            $decisions[] = new Decision(
                0, 'Today', $uncertain === 1 ? 'One mail' : "$uncertain mails",
                ($uncertain === 1 ? 'is' : 'are').' uncertain: nobody knows whether the mail server took '.($uncertain === 1 ? 'it' : 'them').'.',
                'Nothing is sent twice by itself.', 'Decide', route('mails')
            );
        }
        $faulty = Delivery::query()->where('state', DeliveryState::Failed)->whereIn('problem', ['not-composed', 'not-handed-over'])
            ->where('settled_at', '>', Instants::write($this->clock->instant()->plusDays(-self::FAULTY_DAYS)))->count();
        if ($faulty > 0) {
            $decisions[] = new Decision(
                0, 'Today', $faulty === 1 ? 'One mail' : "$faulty mails", 'could not be put together or handed over, whatever was tried.',
                'The fault lies with '.($faulty === 1 ? 'this mail or its' : 'these mails or their').' address, not with the server; all others went out.',
                'See', route('mails', ['state' => 'failed'])
            );
        }
        $late = $this->clock->instant()->plusSeconds(-self::WORKER_STALLED);
        $due = Delivery::query()->where('state', DeliveryState::Waiting)->where('due_at', '<', Instants::write($late))->count();
        if ($due > 0) {
            $decisions[] = new Decision(
                0, 'Today', 'No mails go out:', ($due === 1 ? 'one mail has' : "$due mails have").' been due for more than five minutes.',
                'No sign-up lapses meanwhile; days count from the mail\'s acceptance.', 'See the mails', route('mails', ['state' => 'waiting'])
            );
        }

        return $decisions;
    }

    /** @return list<Decision> */
    private function work(): array
    {
        $failed = FailedWork::query()->count();

        return $failed === 0 ? [] : [new Decision(
            0, 'Today', $failed === 1 ? 'One piece of work' : "$failed pieces of work", 'failed, however often it was tried.',
            'Until it is done again, something that was promised is open, such as forgetting a mail.', 'See', route('work')
        )];
    }

    /** @return list<Decision> */
    private function sealing(): array
    {
        $other = $this->same->isNot();
        if ($other !== null) {
            return [
                new Decision(
                    0, 'Now', 'This is not the ledger that was sealed:', lcfirst($other),
                    'Nothing is sealed and no mail goes out until your administrator has looked into it (ledger:accept-loss).', 'Look a person up',
                    route('evidence')
                ),
            ];
        }
        $late = Instants::write($this->clock->instant()->plusSeconds(-self::SEALING_STALLED));
        $open = $this->unsealed->waiting()->where('recorded', '<', $late)->count();

        return $open === 0 ? [] : [
            new Decision(
                0, 'Today', 'Entries are not sealed:', ($open === 1 ? 'one entry waits' : "$open entries wait").' to be sealed.',
                'The scheduler has stopped, or the ledger is not the one that was sealed before. Ask your administrator to run ledger:verify.',
                'Look a person up', route('evidence')
            ),
        ];
    }

    /** @return list<Decision> what upkeep could not delete */
    private function stuck(): array
    {
        $stuck = $this->deletions->ofLastDays(2)->get(LapseJourneys::STUCK)->count ?? 0;

        return $stuck === 0 ? [] : [
            new Decision(
                0, 'Today', $stuck === 1 ? 'One sign-up' : "$stuck sign-ups", 'should have lapsed and could not be deleted.',
                'All others were. The fault is written down; tell your administrator.', 'See those that wait',
                route('evidence.signups', ['state' => 'waiting'])
            ),
        ];
    }

    /** @return list<Decision> */
    private function floods(): array
    {
        $now = $this->floods->with(FloodMark::Raised);
        $name = fn (string $point): string => $point === '' ? 'All points together' : $this->inForce->nameOf($point);

        return array_map(static fn (string $point): Decision => new Decision(
            in_array($point, $now, true) ? 0 : 3, 'Today', $name($point), in_array($point, $now, true) ? 'is flooded: more comes in than is let through.'
                : 'was flooded within a day, and is no more.',
            in_array($point, $now, true) ? 'The puzzle is put to everybody there until ten minutes after the last of it; people come through.'
                : 'The puzzle was put to everybody there meanwhile.', 'See what was held', route('held')
        ), $this->floods->with(FloodMark::Flooded));
    }

    /** @return list<Decision> */
    private function held(): array
    {
        $count = HeldSubmission::query()->whereNull('decided')->count();
        if ($count === 0) {
            return [];
        }
        $first = HeldSubmission::query()->whereNull('decided')->orderBy('deleted_at')->firstOrFail()->deleted_at;

        return [
            new Decision(
                1, Moments::day($first), $count === 1 ? 'One held submission' : "$count held submissions",
                $count === 1 ? 'is deleted unless somebody decides.' : 'wait; the first is deleted then unless somebody decides.', '', 'Decide',
                route('held'), $first->text()
            ),
        ];
    }

    /** @return list<Decision> what people wanted and nobody has taken, or oneself has not finished */
    private function enquiries(User $user): array
    {
        $filter = static fn (string $state): EnquiryFilter => new EnquiryFilter($state, '', '', Sorting::parse('received', EnquiryFilter::COLUMNS, 'received'));
        $decisions = [];
        foreach (['open' => 'nobody has taken', 'mine' => 'you have taken'] as $state => $says) {
            $waiting = array_filter(
                array_values($this->enquiries->page($filter($state), $user)->items()), static fn (Enquiry $e): bool => $state === 'mine' || $e->user_id === null
            );
            if ($waiting !== []) {
                $first = array_values($waiting)[0]->received_at;
                $count = count($waiting);
                $decisions[] = new Decision(
                    2, Moments::day($first), $count === 1 ? 'One enquiry' : "$count enquiries",
                    $count === 1 ? "that $says waits since then." : "that $says; the first waits since then.", '', 'Read',
                    route('enquiries', ['state' => $state, 'sort' => 'received']), $first->text()
                );
            }
        }

        return $decisions;
    }

    /** @return list<Decision> what people ask under Art. 15 to 21 of the GDPR, each with its last day */
    private function requests(): array
    {
        $today = $this->clock->today();
        $decisions = [];
        $open = $this->requests->page(RequestFilter::open())->items();
        $messages = $this->requests->messages($open);
        foreach ($open as $request) {
            $name = $this->inForce->nameOf($request->edition->point->slug);
            $row = RequestRow::of($request, $messages->get((string) $request->enquiry_id?->hex()), $name, $today);
            $decisions[] = new Decision(
                match (true) {
                    ! $request->due_on->isAfter($today) => 0,
                    $row->isUrgent => 1,
                    default => 2,
                }, Moments::shortDay($request->due_on->text),
                'A request', "is to be answered by then, $row->stands.", "It asks $row->asks. It arrived on $row->received by $row->form.", 'Answer',
                $row->enquiry === null ? route('requests') : route('enquiries.show', $row->enquiry), $request->due_on->text
            );
        }

        return $decisions;
    }

    /** @return list<PointStatus> taken stock of once for a desk */
    private function rows(): array
    {
        return $this->rows ??= ($this->stock)();
    }

    /** @return list<Decision> */
    private function points(): array
    {
        $decisions = [];
        $handedOver = $this->handovers->open();
        foreach ($this->rows() as $row) {
            $link = route('points.sheet', $row->point->slug);
            if ($row->point->paused_at !== null) {
                $since = Moments::day($row->point->paused_at);
                $decisions[] = new Decision(
                    0, 'Paused', $row->sheet->draft->name, "has been paused since $since.", 'Visitors are told so, and nothing is taken.', 'Decide',
                    route('points.pausing', $row->point->slug)
                );
            }
            $uncovered = $row->uncovered;
            if ($uncovered !== []) {
                $n = count($uncovered);
                $decisions[] = new Decision(
                    0, 'Today', $row->sheet->draft->name,
                    'has '.($n === 1 ? 'a breach' : "$n breaches").($row->edition === null ? ' and cannot be published.' : '.'), $uncovered[0]->says(),
                    $n === 1 ? 'See the note' : 'See the notes', $link
                );
            } elseif ($row->draft && ! $row->changed) {
                $decisions[] = new Decision(
                    1, 'Waiting', $row->sheet->draft->name,
                    "still shows what held before: words, rules or the controller were approved after edition {$row->edition}.", '', 'Review',
                    route('points.publish', $row->point->slug)
                );
            } elseif ($row->draft && ! in_array($row->point->record_id, $handedOver, true)) {
                $decisions[] = new Decision(
                    2, 'Waiting', $row->sheet->draft->name, $row->edition === null ? 'was never published.' : "has a draft after edition {$row->edition}.",
                    'Saved '.Moments::exact($row->revision->saved_at).'.', 'Review', route('points.publish', $row->point->slug)
                );
            }
        }

        return $decisions;
    }

    /** @return list<Decision> */
    private function exceptions(): array
    {
        $today = $this->clock->today();
        $ending = AcceptedFinding::query()->with('point', 'maker')->whereBetween('until', [$today->text, $today->plus(self::EXCEPTION_ENDS_SOON)->text])
            ->orderBy('until')->get();

        return array_values($ending->map(fn (AcceptedFinding $row): Decision => new Decision(
            1, Moments::shortDay($row->until), $this->inForce->nameOf($row->point->slug),
            'is excepted until then from: '.lcfirst(Requirements::find($row->requirement)?->title() ?? "$row->requirement."),
            "{$row->maker->name}: {$row->reason}",
            'Mend or renew', route('points.sheet', $row->point->slug), $row->until,
        ))->all());
    }

    /** @return list<DepartureLine> where points depart from the house rules */
    public function departures(): array
    {
        $all = [];
        foreach ($this->rows() as $row) {
            foreach ($row->rules as $applied) {
                if ($applied->departure !== null) {
                    $all[] = DepartureLine::of($row->point->slug, $row->sheet->draft->name, $applied->departure, $applied->defiesRegime());
                }
            }
        }

        foreach ($this->lines->departures() as $drawn) {
            $slug = $drawn->point->slug ?? '';
            $all[] = DepartureLine::lines($drawn, $slug, $this->inForce->nameOf($slug));
        }

        return $all;
    }

    /** @return list<Decision> what was approved and holds from a day to come */
    private function upcoming(): array
    {
        $coming = ApprovedEdition::query()->with('record', 'approver')->where('effective', '>', $this->clock->today()->text)->orderBy('effective')->get();

        return array_values($coming->map(static fn (ApprovedEdition $e): Decision => new Decision(
            3, Moments::shortDay($e->effective), ucfirst($e->record->kind->noun()).", edition {$e->number},",
            'holds from then on; points that would show something else stand here on that day.', "Approved by {$e->approver->name}. {$e->comment}", 'See it',
            route('records.show', [$e->record->kind->value, $e->record->slug]), $e->effective,
        ))->all());
    }

    /** @return list<Decision> languages of statements that say something else since others were changed */
    private function leftBehind(): array
    {
        return array_map(static function (LeftBehind $each): Decision {
            $languages = Sentences::listed(array_map(static fn (Language $l): string => $l->endonym(), $each->languages));

            return new Decision(
                1, 'Waiting', $languages.' of '.$each->statement->called(),
                (count($each->languages) === 1 ? 'still says' : 'still say').' what was said before the other languages were changed.',
                'People who read another language agree to something else.', 'Write on', route('records.show', ['statement', $each->statement->slug])
            );
        }, ($this->behind)());
    }

    /**
     * Processors whose contract ends soon or is not on record.
     *
     * @return list<Decision>
     */
    private function contracts(): array
    {
        $today = $this->clock->today();
        $soonest = $today->plus(self::CONTRACT_ENDS_SOON);
        $decisions = [];
        foreach ($this->inForce->registers()->processors->all() as $processor) {
            $lacks = $processor->lacks($today);
            $soon = $processor->until !== null && ! $today->isAfter($processor->until) && ! $processor->until->isAfter($soonest);
            if ($lacks !== [] || $soon) {
                $decisions[] = new Decision(
                    $lacks !== [] ? 0 : 1, $lacks !== [] ? 'Today' : Moments::shortDay((string) $processor->until), $processor->name,
                    $lacks !== [] ? 'gets details without all that must be on record.' : 'works under a contract that ends then.', implode(' ', $lacks),
                    'See the record', route('records.show', ['processor', $processor->id->text]), (string) $processor->until,
                );
            }
        }

        return $decisions;
    }
}
