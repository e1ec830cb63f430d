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

test('days count from the mail\'s acceptance, not from the sign-up', function (): void {
    $asked = Journey::asked(Id::random(), 7);
    expect($asked->lapsed(day(400)))->toBeNull('the clock stands while the mail server is away');
    $mailed = $asked->mailed(day(3));
    expect($mailed->lapsed(day(10)))->toBeNull()
        ->and($mailed->lapsed(day(10.001))?->state)->toBe(JourneyState::Lapsed)
        ->and($mailed->confirmed(day(10))?->state)->toBe(JourneyState::Confirmed)
        ->and($mailed->confirmed(day(10.001)))->toBeNull('the button does not outlive the link');
});

test('a mail that cannot be delivered starts the clock too, lest the address stay for ever', function (): void {
    $given = Journey::asked(Id::random(), 7)->mailGivenUp(day(1));
    expect($given->state)->toBe(JourneyState::Asked)
        ->and($given->mailGivenUp(day(5)))->toBeNull('and starts it once')
        ->and($given->lapsed(day(8.1))?->state)->toBe(JourneyState::Lapsed);
});

test('the one reminder is due once, moves no deadline, and ends with the journey', function (): void {
    $mailed = Journey::asked(Id::random(), 7)->mailed(day(0), reminderDays: 3);
    expect($mailed->reminded(day(2.9)))->toBeNull()->and($mailed->reminded(day(3))?->lapses)->toEqual(day(7))
        ->and($mailed->reminded(day(3))->reminded(day(4)))->toBeNull()
        ->and($mailed->confirmed(day(1))->reminded(day(4)))->toBeNull()
        ->and(Journey::asked(Id::random(), 7)->mailed(day(0))->reminded(day(6)))->toBeNull();
});

test('once its days are over it has lapsed for the person, before any clock ends it', function (): void {
    $mailed = Journey::asked(Id::random(), 7)->mailed(day(0));
    expect($mailed->stateAt(day(7)))->toBe(JourneyState::Mailed)->and($mailed->stateAt(day(7.001)))->toBe(JourneyState::Lapsed)
        ->and($mailed->confirmed(day(1))->stateAt(day(30)))->toBe(JourneyState::Confirmed);
});

test('no walk through the machine leaves an end again', function (): void {
    mt_srand(11);
    for ($run = 0; $run < 2000; $run++) {
        $journey = Journey::asked(Id::random(), mt_rand(1, 30));
        $ended = null;
        for ($step = 0, $at = 0; $step < 12; $step++, $at += mt_rand(0, 20)) {
            $next = match (mt_rand(0, 4)) {
                0 => $journey->mailed(day($at)),
                1 => $journey->mailGivenUp(day($at)),
                2 => $journey->confirmed(day($at)),
                3 => $journey->lapsed(day($at)),
                4 => $journey->withdrawn(day($at)),
            };
            if ($ended !== null) {
                expect($next)->toBeNull();
            }
            $journey = $next ?? $journey;
            $ended = $journey->state->hasEnded() ? $journey->state : null;
        }
    }
});
