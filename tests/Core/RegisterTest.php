<?php

declare(strict_types=1);

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Records;
use Juramen\Register\EmailAddress;
use Juramen\Register\EmailFault;
use Juramen\Register\HouseRules;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Language;
use Juramen\Register\Network;
use Juramen\Register\PointRules;
use Juramen\Register\RecordKind;
use Juramen\Screening\Band;
use Juramen\Screening\Screen;
use Juramen\Screening\SubmissionFacts;

test('a malformed address is refused for the right reason', function (string $text, EmailFault $fault): void {
    try {
        EmailAddress::parse($text);
        $found = null;
    } catch (InvalidEmailAddress $e) {
        $found = $e->fault;
        expect($e->getMessage())->not->toContain($text === '' ? '#' : $text);
    }
    expect($found)->toBe($fault);
})->with([
    ['', EmailFault::Missing], ["  \n ", EmailFault::Missing], ['imke', EmailFault::NoAt], ['imke at post.example', EmailFault::NoAt],
    ['imke thormann@post.example', EmailFault::Space], ['imke@post', EmailFault::Domain], ['imke@', EmailFault::Domain], ['imke@192.0.2.1', EmailFault::Domain],
    ['@post.example', EmailFault::Malformed], ['imke..t@post.example', EmailFault::Malformed], ['a@b@post.example', EmailFault::Malformed],
    ["imke@post.example\r\nBcc: all@post.example", EmailFault::Space], [str_repeat('a', 250).'@post.example', EmailFault::TooLong],
]);

test('one mailbox is one person, however it is written', function (string $text, string $lookup): void {
    expect(EmailAddress::parse($text)->lookup())->toBe($lookup);
})->with([
    [' Imke.Thormann@POST.example ', 'imke.thormann@post.example'], ['imke@bücher.example', 'imke@xn--bcher-kva.example'],
    ["ju\u{0308}rgen@post.example", "j\u{00fc}rgen@post.example"], ['o\'neil+news@post.example', 'o\'neil+news@post.example'],
]);

test('network addresses are truncated', function (string $given, ?string $kept): void {
    expect(Network::truncate($given))->toBe($kept);
})->with([['203.0.113.77', '203.0.113.0/24'], ['2001:db8:1234:5678::1', '2001:db8:1234::/48'], ['::ffff:203.0.113.77', '203.0.113.0/24'], ['nonsense', null]]);

test('the browser\'s preference chooses among the languages offered', function (string $accept, Language $language): void {
    expect(Language::preferred($accept, [Language::English, Language::German]))->toBe($language);
})->with([
    ['de-AT,de;q=0.9,en;q=0.8', Language::German], ['fr,de;q=0.4,en;q=0.3', Language::German], ['en-GB', Language::English],
    ['', Language::English], ['de;q=0', Language::English], ['*;q=1,\x00,;;;', Language::English], ['da', Language::English],
]);

test('an unconfirmed sign-up cannot be kept longer than thirty days', function (): void {
    $rules = HouseRules::toStartWith()->document();
    expect(fn () => Records::check(RecordKind::Rules, $rules->with(Place::of('lapse-days'), 31)))
        ->toThrow(fn (Refused $e) => expect($e->isFor(DraftRefusal::NotInRange))->toBeTrue())->and((new PointRules)->lapseDays)->toBe(7);
});

test('screening passes people, asks the hasty again and holds the doubtful', function (bool $trap, ?int $seconds, int $earlier, Band $band): void {
    expect((new Screen)->assess(new SubmissionFacts($trap, $seconds, $earlier))->band)->toBe($band);
})->with([
    [false, 9, 0, Band::Pass], [false, null, 0, Band::Pass], [false, 1, 0, Band::Puzzle], [true, 9, 0, Band::Hold], [true, 0, 0, Band::Refuse],
    [false, 9, 4, Band::Pass], [false, 9, 5, Band::Hold], [false, 1, 5, Band::Refuse],
]);

test('what was noticed weighs in full, and every signal more never lowers the risk', function (): void {
    $screen = new Screen;
    foreach ([false, true] as $trap) {
        foreach ([9, 1, null] as $seconds) {
            foreach ([0, 7] as $earlier) {
                $of = static fn (bool $t, ?int $s, int $e): int => $screen->assess(new SubmissionFacts($t, $s, $e))->risk;
                $risk = $of($trap, $seconds, $earlier);
                expect(min($of(true, $seconds, $earlier), $of($trap, 1, $earlier), $of($trap, $seconds, 7)))->toBeGreaterThanOrEqual($risk)
                    ->and($risk)->toBeBetween(0, 100);
            }
        }
    }
});
