<?php

declare(strict_types=1);

use Database\Demo\DelayAlerts;
use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Database\Demo\Lists;
use Juramen\Audit\Deed;
use Juramen\Audit\Deeds;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Day;
use Juramen\Canon\Document;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\Processor;

/* What requirements say of what was done at a point: met, missed and not applicable, by counts made by hand. */

/** The demo's registers with its lists and one destination that is switched on. */
function handingOver(array $destination = [], array $partner = []): Registers
{
    $registers = House::registers()->with(Processor::from(Document::from([...House::PROCESSORS[1], 'purposes' => []])))
        ->with(Processor::from(Document::from([...House::PROCESSORS[0], ...$partner])));
    foreach (Lists::ALL as $list) {
        $registers = $registers->with(ContactList::from(Document::from($list)));
    }

    return $registers->with(Destination::from(Document::from([...Lists::QUAYSIDE, 'on' => true, ...$destination])));
}

/**
 * @param  array<string, int>  $deeds
 * @param  array<string, mixed>  $sheet  what of the newsletter is another
 */
function practice(array $deeds = [], array $sheet = [], ?Registers $registers = null, string $day = '2026-05-14'): Practice
{
    $registers ??= handingOver();
    $done = Deeds::none();
    foreach ($deeds as $deed => $times) {
        $done = $deed === Deed::SentByOldCopy->value ? $done->andOldCopy('edition 2 on “kiosk”, last on 5 May 2026', $times)
            : $done->and(Deed::from($deed), $times);
    }

    return new Practice(
        Day::parse($day), $registers->complete(SheetDraft::from(Document::from(array_replace(FooterNewsletter::SHEET, $sheet)))), $registers, $done
    );
}

/** @return list<Result> */
function weighed(string $id, Practice $practice): array
{
    return array_values(array_filter(Requirements::weigh($practice), static fn (Result $r): bool => $r->requirement->id() === $id));
}

/** @return array<string, array{string, array<string, int>, array<string, mixed>, string, string}> */
function weighedCases(): array
{
    $alone = ['departures' => ['double-opt-in' => ['value' => false, 'reason' => 'a test']]];
    $calls = ['countries' => ['DE'], 'statements' => [['id' => 'delay-alerts']]];
    $contact = ['kind' => 'contact', 'statements' => []];

    return [
        'nobody is permitted' => ['evidence-complete', [], [], 'not-applicable', 'Nobody is permitted'],
        'all of it is kept' => ['evidence-complete', ['permitted' => 1204], [], 'met', 'all 1,204 consents'],
        'the one of it' => ['evidence-complete', ['permitted' => 1], [], 'met', 'the one consent that stands it'],
        'nobody knows whose' => ['evidence-complete', ['permitted' => 9, 'permitted-of-nobody' => 1], [], 'breach', '1 consent stands and no address'],
        'nobody knows to what' => ['evidence-complete', ['permitted' => 9, 'permitted-without-words' => 2], [], 'breach', '2 consents stand and the ledger'],
        'not confirmed' => ['evidence-complete', ['permitted' => 9, 'permitted-unconfirmed' => 3], [], 'breach', '3 consents stand without a confirmation'],
        'nobody confirmed' => ['confirmation-deliberate', [], [], 'not-applicable', 'Nobody confirmed'],
        'four were quick' => ['confirmation-deliberate', ['confirmed' => 40, 'confirmed-at-once' => 4], [], 'met', 'a visit alone'],
        'few of many were quick' => ['confirmation-deliberate', ['confirmed' => 1000, 'confirmed-at-once' => 19], [], 'met', 'a visit alone'],
        'one in fifty was quick' => ['confirmation-deliberate', ['confirmed' => 1000, 'confirmed-at-once' => 20], [], 'weakness', '20 of 1,000'],
        'five were quick' => ['confirmation-deliberate', ['confirmed' => 40, 'confirmed-at-once' => 5], [], 'weakness', '5 of 40'],
        'nothing waits' => ['unconfirmed-lapse', [], $alone, 'not-applicable', 'Nothing waits'],
        'all lapses' => ['unconfirmed-lapse', [], [], 'met', 'After 7 days'],
        'one waits for ever' => ['unconfirmed-lapse', ['waits-past-its-end' => 1], [], 'weakness', '1 sign-up that nobody confirmed is kept'],
        'no old copy' => ['edition-current', [], [], 'met', 'nothing came'],
        'an old copy' => ['edition-current', ['sent-by-old-copy' => 3], [], 'weakness', '3 sign-ups of the last thirty days came from an old copy of the form: edition 2'],
        'for what was agreed to' => ['purpose-unchanged', [], [], 'met', 'Lists have only people'],
        'for something else' => ['purpose-unchanged', ['used-otherwise' => 2], [], 'breach', '2 people stand on a list'],
        'nobody goes anywhere' => ['purpose-unchanged', ['used-otherwise' => 2], $contact, 'not-applicable', 'Nobody is handed over'],
        'no calls' => ['de-phone-proof', ['calls-without-proof' => 1], [], 'not-applicable', 'about calls'],
        'messages are no calls' => ['de-phone-proof', ['calls-without-proof' => 1], $calls, 'not-applicable', 'about calls'],
        'no network' => ['address-trimmed', [], [], 'met', 'No network address is kept'],
        'networks are truncated' => ['address-trimmed', ['network-kept' => 12], [], 'met', '12 were looked at'],
        'a network is whole' => ['address-trimmed', ['network-kept' => 12, 'network-whole' => 1], [], 'weakness', '1 network address is kept whole'],
        'nothing is past its time' => ['retention-set', [], [], 'met', 'nothing from here'],
        'something is' => ['retention-set', ['kept-past-its-time' => 2], [], 'weakness', '2 messages and submissions'],
        'most withdraw by the link' => ['withdrawal-as-easy', ['withdrawn' => 10, 'withdrawn-by-telling' => 5], [], 'met', 'one press'],
        'most have to tell' => ['withdrawal-as-easy', ['withdrawn' => 10, 'withdrawn-by-telling' => 6], [], 'weakness', '6 of 10 people'],
        'few say nothing' => ['withdrawal-as-easy', ['withdrawn' => 4, 'withdrawn-by-telling' => 4], [], 'met', 'one press'],
        'nothing to withdraw' => ['withdrawal-as-easy', [], $contact, 'not-applicable', 'Nothing is agreed to'],
        'all passed on' => ['withdrawal-passed-on', [], [], 'met', 'Every destination'],
        'one not passed on' => ['withdrawal-passed-on', ['not-passed-on' => 1], [], 'weakness', '1 person withdrew'],
        'taken in afterwards' => ['withdrawal-passed-on', ['taken-in-afterwards' => 2], [], 'breach', '2 people were taken in'],
        'passed on to nobody' => ['withdrawal-passed-on', [], $contact, 'not-applicable', 'Nobody is handed over'],
        'nobody to renew' => ['refresh-due', [], [], 'not-applicable', 'Nobody is permitted'],
        'all is young' => ['refresh-due', ['permitted' => 4], [], 'met', 'older than'],
        'some is old' => ['refresh-due', ['permitted' => 4, 'permitted-too-long' => 1], [], 'weakness', '1 consent is older'],
        'nobody asked' => ['requests-in-time', [], [], 'not-applicable', 'No request'],
        'all in time' => ['requests-in-time', ['requested' => 3], [], 'met', 'All 3 requests'],
        'one late' => ['requests-in-time', ['requested' => 3, 'answered-late' => 1], [], 'breach', '1 request is overdue'],
        'not asked in Canada' => ['ca-unsubscribe', ['not-passed-on-in-ten-days' => 1], [], 'not-applicable', 'people in Canada'],
        'Canada, done' => ['ca-unsubscribe', ['not-passed-on' => 1], ['countries' => ['CA']], 'met', 'sixty days'],
        'Canada, not done' => ['ca-unsubscribe', ['not-passed-on-in-ten-days' => 1], ['countries' => ['CA']], 'breach', '1 person withdrew more than ten'],
    ];
}

test('what was done is weighed by how often it was', function (string $id, array $deeds, array $sheet, string $verdict, string $says): void {
    $results = weighed($id, practice($deeds, $sheet));
    expect($results)->toHaveCount(1)->and($results[0]->verdict->value)->toBe($verdict)->and($results[0]->says)->toContain($says);
})->with(weighedCases());

test('every requirement of practice is tried met, missed and, where it can be, not applicable', function (): void {
    $tried = [];
    foreach (weighedCases() as [$id, , , $verdict]) {
        $tried[$id][] = $verdict;
    }
    $of = array_filter(Requirements::all(), static fn (Requirement $r): bool => $r instanceof PracticeRequirement);
    $elsewhere = ['de-phone-proof', 'processor-bound'];
    foreach (array_diff(array_map(static fn (Requirement $r): string => $r->id(), $of), $elsewhere) as $id) {
        expect($tried[$id] ?? [])->toContain('met')->and(array_intersect(['breach', 'weakness'], $tried[$id]))->not->toBe([], $id);
        in_array($id, ['edition-current', 'address-trimmed', 'retention-set'], true) || expect($tried[$id])->toContain('not-applicable');
    }
});

test('de-phone-proof: calls to Germany, or to nobody knows where, are proved for five years', function (array $countries, int $lost, string $verdict): void {
    $registers = handingOver();
    $calls = ['id' => 'delay-alerts', 'purpose' => 'delay-alerts', 'channels' => ['phone'], 'texts' => ['en' => 'Call me.']];
    $registers = $registers->with(Juramen\Points\Records::read(Juramen\Register\RecordKind::Statement, Document::from($calls), Juramen\Canon\Digest::of('c')));
    $results = weighed('de-phone-proof', practice(
        ['calls-without-proof' => $lost], array_replace(DelayAlerts::SHEET, ['countries' => $countries]), $registers
    ));
    expect($results[0]->verdict->value)->toBe($verdict);
})->with([
    'Germany, kept' => [['DE'], 0, 'met'], 'Germany, lost' => [['DE', 'GB'], 1, 'breach'], 'nobody knows' => [[], 1, 'breach'],
    'elsewhere' => [['GB', 'FR'], 1, 'not-applicable'],
]);

test('processor-bound: whoever gets details, by a purpose or a destination, has contract, place and ground', function (): void {
    $of = static fn (Registers $registers, array $sheet = [], string $day = '2026-05-14'): array => array_map(
        static fn (Result $r): string => "{$r->verdict->value} {$r->says}", weighed('processor-bound', practice([], $sheet, $registers, $day))
    );
    $bound = ['met On record with contract and place: Quayside Post.'];
    expect($of(handingOver()))->toBe($bound)
        ->and($of(House::registers()))->toBe([
            'breach Gullwing Surveys: No contract with it is on record. It keeps them outside the EEA, and no ground of the transfer is on record.',
        ])
        ->and($of(handingOver(partner: ['until' => '2026-05-13'])))->toBe(['breach Quayside Post: Its contract ended on 2026-05-13.'])
        ->and($of(handingOver(partner: ['until' => '2026-05-13']), day: '2026-05-13'))->toBe($bound)
        ->and($of(handingOver(['partner' => ''], ['purposes' => []])))->toBe(['breach Nobody has said who runs Quayside lists, to which people go.'])
        // Switched off, nobody goes there; and what was never approved gets nothing.
        ->and($of(handingOver(['partner' => '', 'on' => false], ['purposes' => []])))->toBe(['not-applicable Nobody gets what is given here.'])
        ->and($of(handingOver(), ['statements' => []]))->toBe(['not-applicable Nobody gets what is given here.']);
    // Its place leads to the record, and whoever accepts it accepts so many lacks.
    $gullwing = weighed('processor-bound', practice([], [], House::registers()))[0];
    expect([$gullwing->where?->text(), $gullwing->times])->toBe(['records/processor/gullwing-surveys', 2]);
    $drafted = Registers::of([
        ...array_map(static fn (array $p) => Juramen\Points\Records::read(Juramen\Register\RecordKind::Purpose, Document::from($p)), House::PURPOSES),
        Juramen\Points\Records::read(Juramen\Register\RecordKind::Statement, Document::from(House::VOYAGE_NEWS_WORDS), Juramen\Canon\Digest::of('v')),
        Juramen\Points\Records::read(Juramen\Register\RecordKind::Controller, Document::from(House::TIDEWICK)),
        $gullwing = Processor::from(Document::from(House::PROCESSORS[1])),
    ], [$gullwing->recordName()]);
    expect($of($drafted))->toBe(['not-applicable Nobody gets what is given here.']);
});

test('several faults of one requirement are told apart, and of practice nothing is said where nothing was done', function (): void {
    $deeds = ['permitted' => 9, 'permitted-of-nobody' => 1, 'permitted-unconfirmed' => 2, 'permitted-without-words' => 3];
    $results = weighed('evidence-complete', practice($deeds));
    expect(array_map(static fn (Result $r): string => (string) $r->where?->text(), $results))
        ->toBe(['practice/permitted-of-nobody', 'practice/permitted-without-words', 'practice/permitted-unconfirmed']);
    foreach (Requirements::weigh(practice()) as $result) {
        expect($result->verdict)->toBeIn([Verdict::Met, Verdict::NotApplicable], $result->requirement->id());
    }
});

test('whatever was done, each requirement says something, more of a fault is never milder, and our own practice is never a breach', function (): void {
    mt_srand(1414);
    $faults = array_values(array_filter(Deed::cases(), static fn (Deed $d): bool => ! in_array($d, [
        Deed::Permitted, Deed::Confirmed, Deed::NetworkKept, Deed::Withdrawn, Deed::Requested,
    ], true)));
    $worst = static function (Practice $practice): array {
        $verdicts = [];
        foreach (Requirements::weigh($practice) as $result) {
            $id = $result->requirement->id();
            $verdicts[$id] = min($verdicts[$id] ?? 9, $result->verdict->urgency());
            expect($result->says)->not->toBe('')->and($result->verdict->isFinding() === ($result->mend !== null))->toBeTrue($id);
            $result->requirement->source()->kind === SourceKind::Ours && expect($result->verdict)->not->toBe(Verdict::Breach);
        }

        return $verdicts;
    };
    for ($i = 0; $i < 120; $i++) {
        $deeds = ['permitted' => 50, 'confirmed' => 50, 'network-kept' => 50, 'withdrawn' => 50, 'requested' => 50];
        foreach ($faults as $fault) {
            $deeds[$fault->value] = mt_rand(0, 3) * mt_rand(0, 12);
        }
        $more = $deeds;
        $more[$faults[mt_rand(0, count($faults) - 1)]->value] += mt_rand(1, 30);
        $sheet = ['countries' => [['CA'], ['DE'], ['GB', 'SE'], []][$i % 4]];
        [$before, $after] = [$worst(practice($deeds, $sheet)), $worst(practice($more, $sheet))];
        expect(array_keys($after))->toBe(array_keys($before));
        foreach ($before as $id => $urgency) {
            expect($after[$id])->toBeLessThanOrEqual($urgency, $id);
        }
    }
});
