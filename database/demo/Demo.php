<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outcome;
use App\Actions\Flow\NoteOpened;
use App\Actions\Handover\SetDestinationKey;
use App\Actions\Ledger\Append;
use App\Actions\Points\ImagePlace;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\PutGift;
use App\Actions\Points\PutImage;
use App\Actions\Points\ReviewPublication;
use App\Actions\Registers\Approve;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\Propose;
use App\Actions\Signup\AcceptSignup;
use App\Actions\Signup\ConfirmJourney;
use App\Actions\Signup\HearOfAsking;
use App\Actions\Signup\HoldSubmission;
use App\Actions\Signup\KnowSubscriber;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\SayNotTheirs;
use App\Actions\Signup\Signup;
use App\Actions\Signup\WithdrawConsent;
use App\Actions\Signup\WorkOnEnquiry;
use App\Actions\Upkeep\DeleteDue;
use App\Actions\Upkeep\HandleRequests;
use App\Models\DestinationFacts;
use App\Models\Enquiry;
use App\Models\Point;
use App\Models\Record;
use App\Models\RegisteredController;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\FlowLog;
use App\Support\SystemClock;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Id;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Consent\How;
use Juramen\Points\FieldValue;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Points\ServiceThere;
use Juramen\Register\EmailAddress;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Screening\Screen;
use Juramen\Screening\SubmissionFacts;
use Juramen\Upkeep\Right;

/** Loads the demo scenario by the same actions that the running application uses, at moments of the past. */
final class Demo
{
    /** @var array<string, PointEdition> */
    private array $editions = [];

    public function __construct(
        private readonly Append $append,
        private readonly ReviewPublication $review,
        private readonly PublishPoint $publish,
        private readonly PutImage $image,
        private readonly PutGift $gift,
        private readonly ChangeRecord $change,
        private readonly Propose $proposals,
        private readonly Approve $approve,
        private readonly AcceptSignup $accept,
        private readonly HoldSubmission $hold,
        private readonly WorkOnEnquiry $work,
        private readonly HandleRequests $requests,
        private readonly Deliveries $deliveries,
        private readonly ConfirmJourney $confirm,
        private readonly SayNotTheirs $notTheirs,
        private readonly HearOfAsking $hear,
        private readonly WithdrawConsent $withdraw,
        private readonly SetDestinationKey $key,
        private readonly FlowLog $flow,
        private readonly NoteOpened $opened,
        private readonly LapseJourneys $lapse,
        private readonly DeleteDue $delete,
        private readonly KnowSubscriber $subscribers,
        private readonly Elsewhere $elsewhere,
        private readonly SystemClock $clock,
    ) {}

    /** Accounts, registers, signup points, and about 150 people over eighteen months in every state. */
    public function load(): void
    {
        $today = CarbonImmutable::today('UTC');
        $begin = $today->subDays(560)->addHours(8);
        $this->editions['footer-newsletter'] = $this->loadForm($begin);
        $officer = $this->person('runa');
        $this->at($begin->addHour(), function () use ($officer): void {
            foreach (array_slice(House::PURPOSES, 1) as $purpose) {
                $this->approved(RecordKind::Purpose, $purpose, 'runa', 'arne');
            }
            $this->approved(RecordKind::Controller, House::ATLANTIC, 'runa', 'arne', AtlanticSign::png());
            foreach (House::PROCESSORS as $processor) {
                $this->approved(RecordKind::Processor, $processor, 'runa', 'arne');
            }
            foreach (array_slice(House::STATEMENTS, 1) as $statement) {
                $this->approved(RecordKind::Statement, $statement, 'malin', 'arne');
            }
            foreach (House::MAILS as $mail) {
                $this->approved(RecordKind::Mail, $mail, 'malin', 'arne');
            }
            $published = [
                BookingPopup::SHEET, AtlanticNewsletter::SHEET, ContactForm::SHEET, DelayAlerts::SHEET, SeasonTicket::SHEET, GroupTravel::SHEET,
                WalkingGuide::SHEET,
            ];
            foreach ($published as $sheet) {
                $point = $this->point($sheet, 'malin');
                if ($sheet['point'] === 'walking-guide') {
                    // Tried here alone.
                    $this->approved(RecordKind::Mail, House::SECOND_MAIL, 'malin', 'arne');
                    ($this->image)($point->record, ImagePlace::Above, IslandPicture::png(), $this->person('malin'));
                    ($this->gift)($point->record, 'Six walks.pdf', GuidePdf::bytes(), $this->person('malin'));
                }
                $this->editions[$sheet['point']] = $this->published($point, $officer);
            }
        });
        foreach ([...Population::events($today), ...$this->wellKnown($today), ...$this->mistaken($today)] as $event) {
            $this->at($event['at'], fn () => $this->act($event));
        }
        foreach (Enquiries::ALL as $i => $each) {
            $this->at($today->subDays($each['days'])->addHours(9 + $i), fn () => $this->enquiry($each));
        }
        $this->at($today->subDays(7)->addHours(13), function () use ($today): void {
            $this->change->begin(
                RecordKind::Mail, Slug::parse(House::MAIL_DRAFT['id']), Document::from(House::MAIL_DRAFT), $this->person('malin')
            );
            $this->change->begin(RecordKind::Statement, Slug::parse(House::DRAW_NEWS['id']), Document::from(House::DRAW_NEWS), $this->person('malin'));
            $this->point(['closes' => $today->addDays(20)->format('Y-m-d')] + CabinDraw::SHEET, 'malin');
            $this->point(YoungSailors::SHEET, 'malin');
            $this->point(CrewJobs::SHEET, 'malin');
        });
        $this->at($today->subDays(1)->addHours(15), fn () => $this->propose($this->person('malin')));
        $this->at($today->subDays(2)->addHours(10), fn () => $this->approve->retire(
            Record::query()->where('slug', House::SECOND_MAIL['id'])->firstOrFail(), $this->person('arne'),
            'Tried on the walking guide for a year and a half; what it found stands there.'
        ));
        $this->at($today->subDays(1)->addHours(16), $this->handOver(...));
        $this->leaveOneUncertain($today);
        (new Held($this->hold, $this->at(...)))->load($today, $this->editions['footer-newsletter'], $this->editions['contact-form']);
        Screened::load($today);
        // What nobody decided about in all that time is gone by now.
        ($this->delete)();
        $this->elsewhere->load($today, $this->person('runa'), $this->person('malin'), $this->at(...));
    }

    /** Only what a form needs to be served; tests begin here. */
    public function loadForm(?DateTimeInterface $at = null): PointEdition
    {
        return $this->at($at ?? CarbonImmutable::parse('2026-05-02 08:00:00', 'UTC'), function (): PointEdition {
            foreach (People::ALL as [$name, $email, $role]) {
                User::query()->create(['name' => $name, 'email' => $email, 'role' => $role, 'password' => People::PASSWORD]);
            }
            $this->approved(RecordKind::Controller, House::TIDEWICK, 'runa', 'arne');
            $this->approved(RecordKind::Rules, ['id' => 'house', ...HouseRules::toStartWith()->document()->toArray()], 'runa', 'arne');
            $this->approved(RecordKind::Purpose, House::VOYAGE_NEWS, 'runa', 'arne');
            $this->approved(RecordKind::Statement, House::VOYAGE_NEWS_WORDS, 'malin', 'runa');

            return $this->published($this->point(FooterNewsletter::SHEET, 'malin'), $this->person('runa'));
        });
    }

    /** @param  array<string, mixed>  $document */
    private function approved(RecordKind $kind, array $document, string $writer, string $approver, string $sign = ''): void
    {
        $record = $this->change->begin(
            $kind, Slug::parse($document['id']), Document::from(array_diff_key($document, $kind === RecordKind::Rules ? ['id' => true] : [])),
            $this->person($writer),
        );
        if ($kind === RecordKind::Controller) {
            RegisteredController::query()->create(['slug' => $document['id']]);
        }
        if ($sign !== '') {
            ($this->image)($record, ImagePlace::Sign, $sign, $this->person($writer));
        }
        ($this->approve)($record->name(), $this->person($approver), $record->newestRevision()->number, '');
    }

    /** Lists, and the list service that whoever is on them is handed over to from now on. */
    private function handOver(): void
    {
        foreach (Lists::ALL as $list) {
            $this->approved(RecordKind::ContactList, $list, 'runa', 'arne');
        }
        DestinationFacts::query()->create([
            'destination' => Lists::QUAYSIDE['id'], 'service' => ServiceThere::from(Document::from(Lists::SERVICE))->document()->json(),
            'fetched_at' => $this->clock->instant(), 'tested' => 'in', 'tested_at' => $this->clock->instant(),
        ]);
        ($this->key)(Lists::QUAYSIDE['id'], Lists::KEY, $this->person('sven'));
        $this->approved(RecordKind::Destination, Lists::QUAYSIDE, 'runa', 'arne');
    }

    private function published(Point $point, User $officer): PointEdition
    {
        return ($this->publish)($point, $officer, $this->review->newest($point)->looked());
    }

    /** The next words of the voyage news, which wait for an officer. */
    private function propose(User $editor): void
    {
        $record = Record::query()->where('kind', RecordKind::Statement)->where('slug', 'voyage-news')->firstOrFail();
        foreach (House::VOYAGE_NEWS_PROPOSED as $language => $words) {
            $this->change->change(
                $record, $editor, (int) $record->revisions()->max('number'), "changed texts/$language",
                static fn (Document $document): Document => $document->with(Place::of('texts', $language), $words)
            );
        }
        $this->proposals->submit($record, $editor, 'Passengers ask for the concerts on board; sv and da follow when the translator is back.');
    }

    private function person(string $name): User
    {
        return User::query()->where('email', 'like', "$name@%")->firstOrFail();
    }

    /**
     * Somebody whose whole life with us is told in the guides.
     *
     * @return list<array{at: CarbonImmutable, do: string, email: string, name: string|null, language: string, network: string, point: string}>
     */
    private function wellKnown(CarbonImmutable $today): array
    {
        $event = static fn (CarbonImmutable $at, string $do, string $point): array => [
            'at' => $at, 'do' => $do, 'point' => $point, 'email' => 'imke.thormann@post.example', 'name' => 'Imke', 'language' => 'de',
            'network' => '203.0.113.0/24',
        ];

        return [
            $event($today->subDays(300)->setTime(7, 12, 33), 'ask', 'footer-newsletter'),
            $event($today->subDays(300)->setTime(7, 14, 51), 'confirm', 'footer-newsletter'),
            $event($today->subDays(250)->setTime(16, 40, 7), 'ask', 'walking-guide'), $event($today->subDays(239)->setTime(3, 0), 'lapse', 'walking-guide'),
            $event($today->subDays(190)->setTime(18, 2, 44), 'ask', 'walking-guide'),
            $event($today->subDays(189)->setTime(6, 31, 9), 'confirm', 'walking-guide'),
            $event($today->subDays(60)->setTime(5, 2, 19), 'one-click', 'walking-guide'),
            $event($today->subDays(58)->setTime(8, 15, 0), 'ask', 'footer-newsletter'),
            $event($today->subDays(58)->setTime(8, 21, 30), 'confirm', 'footer-newsletter'),
        ];
    }

    /**
     * A stranger's jest, which its owner ended, and an address that nobody reads.
     *
     * @return list<array{at: CarbonImmutable, do: string, email: string, name: string|null, language: string, network: string, point: string}>
     */
    private function mistaken(CarbonImmutable $today): array
    {
        $event = static fn (CarbonImmutable $at, string $do, string $email): array => [
            'at' => $at, 'do' => $do, 'point' => 'footer-newsletter', 'email' => $email, 'name' => null, 'language' => 'en', 'network' => '198.51.100.0/24',
        ];

        return [
            $event($today->subDays(44)->setTime(21, 3, 11), 'ask', 'gunhild.stave@post.example'),
            $event($today->subDays(43)->setTime(6, 48, 2), 'not-theirs', 'gunhild.stave@post.example'),
            $event($today->subDays(41)->setTime(12, 20, 40), 'ask', 'halvard.nesse@inbox.example'),
            $event($today->subDays(41)->setTime(12, 21, 5), 'returned', 'halvard.nesse@inbox.example'),
        ];
    }

    /** @param  array{do: string, email: string, name: string|null, language: string, network: string, point: string}  $event */
    private function act(array $event): void
    {
        ($this->lapse)();
        $this->shown($event);
        $email = EmailAddress::parse($event['email']);
        $known = $this->subscribers->find($this->editions[$event['point']]->controller->id->text, $email);
        match ($event['do']) {
            'ask' => ($this->accept)($this->signup($event, $email)),
            'hold' => ($this->hold)($this->signup($event, $email), (new Screen)->assess(new SubmissionFacts(true, null))),
            'confirm' => $known === null ? null : $this->press($known),
            'one-click' => $known === null ? null : ($this->withdraw)($known->subject, How::OneClick),
            'withdraw' => $known === null ? null : ($this->withdraw)($known->subject, How::LinkPage),
            'not-theirs' => $known === null ? null : ($this->notTheirs)($this->newestOf($known)),
            'returned' => $known === null ? null : $this->hear->returned($this->newestOf($known)->id),
            default => null,
        };
        $this->mailsAreTaken();
        // Some open the page behind the link, and think better of it.
        if ($event['do'] === 'ask' && crc32($event['email']) % 4 === 0) {
            $asked = $this->subscribers->find($this->editions[$event['point']]->controller->id->text, $email);
            $asked === null ? null : ($this->opened)($this->newestOf($asked));
        }
    }

    /** @param  array{do: string, email: string, name: string|null, language: string, network: string, point: string}  $event */
    private function signup(array $event, EmailAddress $email): Signup
    {
        $edition = $this->editions[$event['point']];
        $asksName = array_filter($edition->sheet->draft->fields, static fn ($f): bool => $f->name() === 'first-name') !== [];

        // The same every time, so that chance allots the same.
        $nonce = Id::fromBytes(substr(hash('sha256', "{$event['email']} {$event['point']} ".$this->clock->instant()->text(), true), 0, 16));
        $language = Language::from($event['language']);

        return new Signup(
            $edition, $language, $email, $event['name'] === null || ! $asksName ? [] : [new FieldValue('first-name', $event['name'])],
            [Said::yes($edition->sheet->statements[0])], How::FormServed, 'page', $this->clock->instant(),
            $nonce, $event['network'], version: $edition->in($language)->version($nonce),
        );
    }

    /** @param  array{point: string, email: string, language: string, recipients: list<string>, values: array<string, string>, then: string}  $each */
    private function enquiry(array $each): void
    {
        $signup = new Signup(
            $this->editions[$each['point']], Language::from($each['language']), EmailAddress::parse($each['email']),
            array_map(static fn (string $n, string $v): FieldValue => new FieldValue($n, $v), array_keys($each['values']), $each['values']), [],
            How::FormServed, 'page', $this->clock->instant(), Id::random(), '192.0.2.0/24', recipients: $each['recipients'],
        );
        $each['then'] === 'doubtful' ? ($this->hold)($signup, (new Screen)->assess(new SubmissionFacts(true, null))) : ($this->accept)($signup);
        $this->mailsAreTaken();
        $id = Enquiry::query()->orderByDesc('received_at')->firstOrFail()->id;
        match ($each['then']) {
            'closed' => $this->work->close($id, $this->person('malin')),
            'taken' => $this->work->give($id, $this->person('malin'), $this->person('malin')),
            'access', 'erasure' => $this->requests->record($id, Right::from($each['then']), $this->person('malin')),
            default => null,
        };
    }

    /**
     * Of those who see a form, some send it.
     *
     * @param  array{do: string, email: string, name: string|null, language: string, network: string, point: string}  $event
     */
    private function shown(array $event): void
    {
        $times = in_array($event['do'], ['ask', 'hold'], true) ? 2 + crc32($event['email'].$event['point']) % 5 : 0;
        for ($i = 0; $i < $times; $i++) {
            $version = ($i + crc32($event['email'])) % 2 === 0 ? FormVersion::First : FormVersion::Second;
            $this->flow->shown($this->editions[$event['point']], Language::from($event['language']), 1, $version);
        }
    }

    private function press(Subscriber $subscriber): void
    {
        ($this->opened)($this->newestOf($subscriber));
        ($this->confirm)($this->newestOf($subscriber)->id, null);
    }

    private function newestOf(Subscriber $subscriber): SignupJourney
    {
        return SignupJourney::query()->with('subscriber')->where('subscriber_id', $subscriber->id)->orderByDesc('asked_at')->firstOrFail();
    }

    /** A worker was stopped with one mail in hand last night. */
    private function leaveOneUncertain(CarbonImmutable $today): void
    {
        $this->at($today->subHours(2), function (): void {
            ($this->accept)(
                $this->signup(
                    [
                        'do' => 'ask', 'email' => 'torben.uthlande@post.example', 'name' => 'Torben', 'language' => 'de', 'network' => '198.51.100.0/24',
                        'point' => 'footer-newsletter',
                    ],
                    EmailAddress::parse('torben.uthlande@post.example')
                )
            );
            $message = $this->deliveries->claim();
            if ($message !== null) {
                $this->deliveries->settle($message->load('subscriber'), Outcome::unknown('worker-gone'));
            }
        });
    }

    /** @param  array<string, mixed>  $sheet */
    private function point(array $sheet, string $author): Point
    {
        return DB::transaction(fn (): Point => Point::query()->create([
            'slug' => $sheet['point'], 'subject' => $this->append->begin('point')->subject,
            'controller_id' => RegisteredController::query()->where('slug', $sheet['controller'])->valueOrFail('id'),
            'record_id' => $this->change->begin(RecordKind::Sheet, Slug::parse($sheet['point']), Document::from($sheet), $this->person($author))->id,
        ]));
    }

    /** In the past of the demo every mail was taken; none is sent again today. */
    private function mailsAreTaken(): void
    {
        while (($message = $this->deliveries->claim()) !== null) {
            $this->deliveries->settle($message->load('subscriber'), Outcome::accepted());
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function at(DateTimeInterface $moment, callable $do): mixed
    {
        Carbon::setTestNow($moment);
        try {
            return $do();
        } finally {
            Carbon::setTestNow();
        }
    }
}
