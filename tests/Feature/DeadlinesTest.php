<?php

declare(strict_types=1);

use App\Actions\Ledger\Seal;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\RemindJourneys;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\SignupJourney;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Deadlines by the clock: whatever days the house sets, and however late the clock looks, each thing ends when its days are over. */

test('a sign-up lapses when its days are over, not before, and reminds once on its day', function (int $days, int $reminder): void {
    houseSets(['lapse-days' => $days, 'reminder-days' => $reminder]);
    $this->signUp('imke@post.example');
    // The server was away for a while: days count from when it took the mail.
    Carbon::setTestNow(now()->addHours(31));
    $this->mailsAreTaken();
    $taken = now();
    $look = function (Carbon $at): array {
        Carbon::setTestNow($at);

        return [app(RemindJourneys::class)(), app(LapseJourneys::class)(), SignupJourney::query()->firstOrFail()->state];
    };
    if ($reminder > 0) {
        expect($look($taken->copy()->addDays($reminder)->subSecond()))->toBe([0, 0, JourneyState::Mailed])
            ->and($look($taken->copy()->addDays($reminder)))->toBe([1, 0, JourneyState::Mailed]);
    }
    // And yet never past thirty days from asking.
    $last = $taken->copy()->addDays($days)->min(SignupJourney::query()->firstOrFail()->asked_at->plusDays(30)->utc);
    expect($look($last))->toBe([0, 0, JourneyState::Mailed])
        ->and($look($last->copy()->addSecond()))->toBe([0, 1, JourneyState::Lapsed])
        ->and($look($taken->copy()->addDays(400)))->toBe([0, 0, JourneyState::Lapsed])
        ->and(Delivery::query()->where('kind', DeliveryKind::Reminder)->count())->toBe($reminder > 0 ? 1 : 0)
        ->and(DB::table('disclosures')->count())->toBe(0);
})->with([[1, 0], [3, 1], [7, 3], [14, 5], [30, 0]]);

test('the page behind the link agrees with the clock, though nothing has ended it yet', function (): void {
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    $token = $this->confirmToken();
    Carbon::setTestNow(now()->addDays(7));
    $this->openLink("/confirm/$token")->assertOk();
    Carbon::setTestNow(now()->addSecond());
    $this->openLink("/confirm/$token")->assertStatus(410);
    $this->post('/confirm', ['token' => $token])->assertStatus(410);
    expect(SignupJourney::query()->firstOrFail()->state)->toBe(JourneyState::Mailed)->and($this->acts())->toBe(['given', 'confirmation-sent']);
});

test('rules that change meanwhile move no deadline of what was asked before', function (): void {
    $this->signUp('early@post.example');
    $this->mailsAreTaken();
    houseSets(['lapse-days' => 30]);
    $this->signUp('late@post.example');
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(8));
    expect(app(LapseJourneys::class)())->toBe(1)->and(SignupJourney::query()->where('state', JourneyState::Mailed)->count())->toBe(1);
    Carbon::setTestNow(now()->addDays(23));
    expect(app(LapseJourneys::class)())->toBe(1);
});

test('many end in one look, each with its own entry, and a second look finds nothing', function (): void {
    for ($i = 0; $i < 12; $i++) {
        $this->signUp("person$i@post.example");
        $this->mailsAreTaken();
        Carbon::setTestNow(now()->addHours(6));
    }
    $due = SignupJourney::query()->orderBy('asked_at')->get();
    Carbon::setTestNow($due[6]->lapses_at->utc->modify('+1 second'));
    expect(app(LapseJourneys::class)())->toBe(7)->and(app(LapseJourneys::class)())->toBe(0);
    app(Seal::class)();
    expect(array_count_values($this->acts())['lapsed'])->toBe(7)->and(DB::table('contact_points')->count())->toBe(5)
        ->and(verified()->faults)->toBe([]);
});
