<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outbox;
use App\Actions\Delivery\Outcome;
use App\Actions\Delivery\OutcomeKind;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\SignupJourney;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Properties of what goes out, over random walks: whatever order workers, clocks and people come in. */

beforeEach(fn () => mt_srand(20261127));

/** @return array{Outcome, bool} what a server may do with one try, and whether the other side then has it */
function anyOutcome(): array
{
    return match (mt_rand(0, 6)) {
        0, 1 => [Outcome::notNow('no-connection'), false],
        2 => [Outcome::faulty('not-handed-over'), false],
        3 => [Outcome::refused('server-said-550'), false],
        4 => [Outcome::unknown('no-answer'), mt_rand(0, 1) === 1],
        default => [Outcome::accepted(), true],
    };
}

test('nobody gets twice what nobody asked to be sent again, and nothing is forgotten', function (): void {
    $deliveries = app(Deliveries::class);
    for ($i = 0; $i < 6; $i++) {
        $this->signUp(someone());
    }
    [$arrived, $again, $hand] = [[], [], []];
    for ($step = 0; $step < 400; $step++) {
        Carbon::setTestNow(now()->addSeconds(mt_rand(0, 40)));
        match (mt_rand(0, 9)) {
            0, 1, 2, 3 => ($claimed = $deliveries->claim()) === null ? null : $hand[$claimed->id] = $claimed,
            4, 5, 6 => (function () use (&$hand, &$arrived, $deliveries): void {
                $one = $hand === [] ? null : $hand[array_rand($hand)];
                if ($one === null) {
                    return;
                }
                unset($hand[$one->id]);
                // A worker may also die in the midst of it, with the mail taken or not.
                [$outcome, $has] = anyOutcome();
                $died = mt_rand(0, 4) === 0;
                $arrived[$one->id] = ($arrived[$one->id] ?? 0) + (int) $has;
                $died ? null : $deliveries->settle($one, $outcome);
            })(),
            7 => $deliveries->markUncertain(),
            8 => (function () use (&$again, $deliveries): void {
                $one = Delivery::query()->inRandomOrder(mt_rand())->firstOrFail();
                $again[$one->id] = ($again[$one->id] ?? 0) + (int) $deliveries->sendAgain($one, User::query()->firstOrFail());
            })(),
            9 => Carbon::setTestNow(now()->addSeconds(config('juramen.mail.claim_seconds') + 1)),
        };
        foreach (Delivery::query()->get() as $row) {
            expect(($arrived[$row->id] ?? 0) <= 1 + ($again[$row->id] ?? 0))->toBeTrue("Delivery $row->id arrived too often.")
                ->and($row->state === DeliveryState::Claimed && $row->claimed_at === null)->toBeFalse();
            if (in_array($row->state, [DeliveryState::Sent, DeliveryState::Failed, DeliveryState::Uncertain], true)) {
                expect($row->settled_at)->not->toBeNull()->and($row->crowd)->toBeNull('whose crowd it was is forgotten once it is settled');
            }
        }
    }
    // When everything is settled, each stands where a person can see what became of it.
    Carbon::setTestNow(now()->addDays(3));
    $deliveries->markUncertain();
    while (($left = $deliveries->claim()) !== null) {
        $deliveries->settle($left, Outcome::refused('server-said-550'));
    }
    expect(Delivery::query()->whereIn('state', [DeliveryState::Waiting, DeliveryState::Claimed])->count())->toBe(0)
        ->and(Delivery::query()->count())->toBe(6)->and(array_sum($arrived))->toBeGreaterThan(0)->and(array_sum($again))->toBeGreaterThan(0);
});

test('a sign-up waits for ever only while its mail is on its way; whatever became of that, its days count', function (OutcomeKind $kind): void {
    $this->signUp(someone());
    $outcome = match ($kind) {
        OutcomeKind::Accepted => Outcome::accepted(),
        OutcomeKind::NotNow => Outcome::notNow('no-connection'),
        OutcomeKind::Faulty => Outcome::faulty('not-composed'),
        OutcomeKind::Refused => Outcome::refused('server-said-550'),
        OutcomeKind::Unknown => Outcome::unknown('no-answer'),
    };
    $tries = 0;
    while (($claimed = app(Deliveries::class)->claim()) !== null) {
        $waits = SignupJourney::query()->firstOrFail();
        expect($waits->lapses_at)->toEqual($waits->asked_at->plusDays(30));
        app(Deliveries::class)->settle($claimed, $outcome);
        Carbon::setTestNow(now()->addSeconds(1801));
        $tries++;
    }
    $journey = SignupJourney::query()->firstOrFail();
    expect($tries)->toBe(max(1, $kind->tries()))->and($journey->state)->toBe($kind === OutcomeKind::Accepted ? JourneyState::Mailed : JourneyState::Asked)
        ->and($journey->lapses_at->isAfter($journey->asked_at->plusDays(10)))->toBeFalse()
        ->and(array_count_values($this->acts())['confirmation-sent'] ?? 0)->toBe($kind === OutcomeKind::Accepted ? 1 : 0);
})->with(OutcomeKind::cases());

test('a mail that turned out to have been sent after all is entered then, and once', function (): void {
    $this->signUp(someone());
    $deliveries = app(Deliveries::class);
    $deliveries->settle($deliveries->claim(), Outcome::unknown('no-answer'));
    $lapses = SignupJourney::query()->firstOrFail()->lapses_at;
    Carbon::setTestNow(now()->addDay());
    $by = User::query()->firstOrFail();
    expect($deliveries->sendAgain($this->message(), $by))->toBeTrue()->and($deliveries->sendAgain($this->message(), $by))->toBeFalse();
    $deliveries->settle($deliveries->claim(), Outcome::accepted());
    $journey = SignupJourney::query()->firstOrFail();
    expect($journey->state)->toBe(JourneyState::Mailed)->and($journey->lapses_at->isAfter($lapses))->toBeTrue()
        ->and($this->acts())->toBe(['given', 'confirmation-sent']);
});

test('what goes to somebody who works here concerns no sign-up, and goes to exactly one', function (): void {
    $tove = User::query()->where('role', 'auditor')->firstOrFail();
    [$deliveries, $outbox] = [app(Deliveries::class), app(Outbox::class)];
    $outbox->toColleague($tove, DeliveryKind::Checkpoint, '2026-11-27');
    $outbox->toColleague($tove, DeliveryKind::Checkpoint, '2026-11-27');
    $outbox->toColleague($tove, DeliveryKind::Checkpoint, '2026-11-28');
    $rows = Delivery::query()->with('subscriber', 'user')->get();
    expect($rows)->toHaveCount(2)->and($rows[0]->user)->toBeInstanceOf(User::class)->and($rows[0]->journey)->toBeNull();
    $deliveries->settle($deliveries->claim(), Outcome::accepted());
    expect($this->acts())->toBe([])->and(Delivery::query()->where('state', DeliveryState::Sent)->count())->toBe(1);
});

test('a delivery that goes to nobody cannot go', function (): void {
    $this->signUp(someone());
    DB::table('deliveries')->update(['subscriber_id' => null]);
    expect(composed($this->message()))->toBeNull();
});

test('the list of mails counts each where it stands, and its file has the same', function (): void {
    for ($i = 0; $i < 5; $i++) {
        $this->signUp(someone());
    }
    $states = [DeliveryState::Sent, DeliveryState::Sent, DeliveryState::Failed, DeliveryState::Uncertain, DeliveryState::Waiting];
    foreach (Delivery::query()->orderBy('id')->get() as $i => $row) {
        $row->update(['state' => $states[$i], 'problem' => $states[$i] === DeliveryState::Failed ? 'server-said-554' : null]);
    }
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail());
    foreach (DeliveryState::cases() as $state) {
        $due = count(array_keys($states, $state, true));
        $page = $this->get("/mails?state={$state->value}")->assertOk();
        expect(substr_count((string) $page->getContent(), '<tr>'))->toBe($due === 0 ? 0 : $due + 1)
            ->and(substr_count((string) $page->getContent(), 'Send again'))->toBe($state->mayBeSentAgain() ? $due : 0)
            ->and(substr_count($this->get("/mails?state={$state->value}&as=csv")->streamedContent(), "\r\n"))->toBe($due + 1);
    }
    $this->get('/mails?state=failed')->assertSee('The mail server said 554');
    $this->get('/mails?state=nonsense')->assertOk()->assertSee('decide whether to send again');
});
