<?php

declare(strict_types=1);

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Journey;
use Juramen\Consent\JourneyState;

function day(float $day): Instant
{
    return Instant::parse('2026-11-01T00:00:00.000000Z')->plusSeconds((int) round($day * 86400));
}

function asked(int $lapseDays = 7): Journey
{
    return Journey::asked(Id::random(), $lapseDays, day(0));
}

test('days count from the mail\'s acceptance, not from the sign-up', function (): void {
    expect(asked()->lapsed(day(29)))->toBeNull('the clock stands while the mail server is away');
    $mailed = asked()->mailed(day(3));
    expect($mailed->lapsed(day(10)))->toBeNull()
        ->and($mailed->lapsed(day(10.001))?->state)->toBe(JourneyState::Lapsed)
        ->and($mailed->confirmed(day(10))?->state)->toBe(JourneyState::Confirmed)
        ->and($mailed->confirmed(day(10.001)))->toBeNull('the button does not outlive the link');
});

test('whatever became of its mails, nobody is kept unconfirmed for more than thirty days from asking', function (): void {
    expect(asked()->lapsed(day(30.001))?->state)->toBe(JourneyState::Lapsed)
        ->and(asked()->mailed(day(28))?->lapses)->toEqual(day(30))
        ->and(asked()->mailed(day(30.001)))->toBeNull('there is nothing left to confirm')
        ->and(asked(30)->mailed(day(1))?->lapses)->toEqual(day(30))
        ->and(asked()->mailed(day(20))?->resent(day(26))?->mailedAgain(day(26.1))?->lapses)->toEqual(day(30));
});

test('a mail that cannot be delivered starts the clock too, lest the address stay for long', function (): void {
    $given = asked()->mailGivenUp(day(1));
    expect($given->state)->toBe(JourneyState::Asked)
        ->and($given->mailGivenUp(day(5)))->toBeNull('and starts it once')
        ->and($given->lapsed(day(8.1))?->state)->toBe(JourneyState::Lapsed)
        ->and($given->mailed(day(2))?->lapses)->toEqual(day(9), 'until it turns out to have arrived after all');
});

test('the one reminder is due once, moves no deadline, and ends with the journey', function (): void {
    $mailed = asked()->mailed(day(0), reminderDays: 3);
    expect($mailed->reminded(day(2.9)))->toBeNull()->and($mailed->reminded(day(3))?->lapses)->toEqual(day(7))
        ->and($mailed->reminded(day(3))->reminded(day(4)))->toBeNull()
        ->and($mailed->confirmed(day(1))->reminded(day(4)))->toBeNull()
        ->and($mailed->reminded(day(7.1)))->toBeNull('what has lapsed is not reminded of, even before a clock ends it')
        ->and($mailed->resent(day(1))?->reminded(day(3)))->not->toBeNull('asked for once more, it is still reminded of')
        ->and(asked()->mailed(day(29), reminderDays: 3)?->reminds)->toBeNull('none comes after its end')
        ->and(asked()->mailed(day(0))->reminded(day(6)))->toBeNull();
});

test('the person has the mail sent once more, twice at most, a minute apart, and never a mail that has not left yet', function (): void {
    expect(asked()->resent(day(1)))->toBeNull();
    $mailed = asked()->mailed(day(0));
    $minute = 1 / 1440;
    expect($mailed->resent(day($minute * 0.9)))->toBeNull();
    $again = $mailed->resent(day($minute));
    // Pressed once more before a slow mail server has taken it, it is not sent a third time.
    expect($again->resent(day($minute * 1.9)))->toBeNull()->and($again->resent(day($minute * 2)))->not->toBeNull();
    expect($again->lapses)->toEqual(day(7), 'asking moves no deadline')
        ->and($again->mailedAgain(day(2))?->lapses)->toEqual(day(9), 'the mail does: its button works as long as it says')
        ->and($again->mailedAgain(day(2))?->resent(day(2 + $minute / 2)))->toBeNull();
    $twice = $again->mailedAgain(day(2))->resent(day(3))?->mailedAgain(day(3));
    expect($twice)->not->toBeNull()->and($twice->resent(day(4)))->toBeNull()
        ->and($mailed->resent(day(7.1)))->toBeNull()->and($mailed->confirmed(day(1))->resent(day(2)))->toBeNull();
});

test('that was not me: ends what waits, and what needed no confirmation, and nothing that ended already', function (): void {
    expect(asked()->notTheirs(day(1))?->state)->toBe(JourneyState::NotTheirs)
        ->and(Journey::withoutConfirmation(Id::random(), 7, day(0))->notTheirs(day(9))?->state)->toBe(JourneyState::NotTheirs)
        ->and(asked()->mailed(day(0))->lapsed(day(8))?->notTheirs(day(9)))->toBeNull()
        ->and(asked()->withdrawn(day(1))?->notTheirs(day(2)))->toBeNull();
});

test('once its days are over it has lapsed for the person, before any clock ends it', function (): void {
    $mailed = asked()->mailed(day(0));
    expect($mailed->stateAt(day(7)))->toBe(JourneyState::Mailed)->and($mailed->stateAt(day(7.001)))->toBe(JourneyState::Lapsed)
        ->and($mailed->corrected(day(7.001)))->toBeNull()->and($mailed->mailedAgain(day(7.001)))->toBeNull()
        ->and($mailed->confirmed(day(1))->stateAt(day(30)))->toBe(JourneyState::Confirmed);
});

test('on every walk through the machine an end is final but for taking back, days are kept, and few mails go out', function (): void {
    mt_srand(11);
    $reached = [];
    for ($run = 0; $run < 3000; $run++) {
        $journey = asked($days = mt_rand(1, 30));
        [$mails, $reminders] = [0, 0];
        for ($step = 0, $at = 0.0; $step < 14; $step++, $at += mt_rand(0, 900) / 100) {
            $now = day($at);
            $before = $journey;
            $next = match (mt_rand(0, 11)) {
                0, 1 => $journey->mailed($now, mt_rand(0, 1) * mt_rand(1, $days)),
                2 => $journey->mailGivenUp($now),
                3 => $journey->confirmed($now),
                4 => $journey->lapsed($now),
                5 => mt_rand(0, 3) === 0 ? $journey->withdrawn($now) : null,
                6, 7 => $journey->resent($now),
                8 => $journey->mailedAgain($now),
                9 => $journey->reminded($now),
                10 => mt_rand(0, 3) === 0 ? $journey->notTheirs($now) : $journey->undeliverable($now),
                11 => mt_rand(0, 3) === 0 ? $journey->corrected($now) : $journey->revoked($now),
            };
            if ($next === null) {
                continue;
            }
            $mails += $next->resent - $before->resent;
            $reminders += $before->reminds !== null && $next->reminds === null && ! $next->state->hasEnded() && $next->resent === $before->resent
                && $next->mailed === $before->mailed ? 1 : 0;
            if ($before->state->hasEnded()) {
                expect($before->state)->toBe(JourneyState::Confirmed)->and($next->state)->toBeIn([JourneyState::Revoked, JourneyState::NotTheirs]);
            }
            if ($next->state === JourneyState::Confirmed && $before->state !== JourneyState::Confirmed) {
                expect($now->isAfter($before->lapses))->toBeFalse('nobody confirms after the last day');
            }
            $journey = $next;
            $reached[$journey->state->value] = true;
            expect($journey->lapses->isAfter(day(30)))->toBeFalse()->and($journey->ended === null)->toBe(! $journey->state->hasEnded());
        }
        expect($mails)->toBeLessThanOrEqual(Journey::RESENDS)->and($reminders)->toBeLessThanOrEqual(1);
    }
    expect(array_keys($reached))->toHaveCount(count(JourneyState::cases()));
});
