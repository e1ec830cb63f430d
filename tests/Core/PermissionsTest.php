<?php

declare(strict_types=1);

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\AddressCorrected;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Lapsed;
use Juramen\Consent\Acts\NotTheirs;
use Juramen\Consent\Acts\Restored;
use Juramen\Consent\Acts\Suspended;
use Juramen\Consent\Acts\Undeliverable;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\JourneyEnd;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Consent\Target;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/*
 * Properties of the fold, over some thousand random histories: any order of consents (with and without confirmation
 * needed), mails, confirmations through inbox and number, lapses, withdrawals, suspensions and their liftings, and of what was not theirs, went
 * to a mended address or came back, also such as the state machine would never let through.
 */

/** @return list<Target> */
function targets(): array
{
    return [new Target('voyage-news', Channel::Email), new Target('delay-alerts', Channel::Sms), new Target('voyage-news', Channel::Post)];
}

function moment(int $minute): Instant
{
    return Instant::parse('2026-01-01T00:00:00.000000Z')->plusSeconds(60 * $minute);
}

/**
 * A random history of one subject. Acts occur up to ten minutes before they are recorded.
 *
 * @return list<Entry>
 */
function history(int $length): array
{
    [$subject, $last, $entries, $journeys, $orders] = [Id::random(), null, [], [Id::random()], [Id::random(), Id::random()]];
    for ($minute = 20; count($entries) < $length; $minute += mt_rand(0, 9)) {
        $journey = $journeys[mt_rand(0, count($journeys) - 1)];
        $occurred = moment($minute - mt_rand(0, 10));
        $some = array_values(array_intersect_key(targets(), array_flip((array) array_rand(targets(), mt_rand(1, 3)))));
        $through = mt_rand(0, 2) > 0 ? Channel::Email : Channel::Sms;
        $act = match (mt_rand(0, 10)) {
            0,
            1 => new Given(
                $occurred, How::FormServed, 'page', 'pass', $journeys[] = Id::random(), 'footer-newsletter', Digest::of('edition'), Language::German,
                [new Answer('voyage-news', Digest::of('words'))], $some, mt_rand(0, 3) > 0, []
            ),
            2 => new ConfirmationSent($occurred, $journey, Digest::of('edition'), Language::German),
            3,
            4 => new Confirmed($occurred, $journey, [], $through),
            5 => new Lapsed($occurred, $journey, $through),
            6 => new Withdrawn($occurred, How::LinkPage, $some),
            7 => mt_rand(0, 2) > 0 ? new NotTheirs($occurred, $journey) : new AddressCorrected($occurred, $journey),
            8 => new Undeliverable($occurred, $journey, $through),
            9 => new Suspended($occurred, $some, $orders[mt_rand(0, 1)], 'Runa'),
            10 => new Restored($occurred, $some, $orders[mt_rand(0, 1)], 'Arne'),
        };
        $entries[] = $last = Entry::next($last, $subject, $act, moment($minute));
    }

    return $entries;
}

function has(Entry $entry, Target $target): bool
{
    return array_filter($entry->act->targets(), static fn (Target $t): bool => $t->equals($target)) !== [];
}

/** A second opinion, written from the rule and not from the fold: what stands, and no order that is not lifted again holds it since. */
function permittedByRule(array $entries, Target $target): bool
{
    $since = standsByRule($entries, $target);
    if ($since === null) {
        return false;
    }
    $held = [];
    foreach (array_slice($entries, $since + 1) as $entry) {
        if ($entry->act instanceof Suspended && has($entry, $target)) {
            $held[$entry->act->suspension->hex()] = true;
        }
        if ($entry->act instanceof Restored && has($entry, $target)) {
            unset($held[$entry->act->suspension->hex()]);
        }
    }

    return $held === [];
}

/** By which entry a consent that has not ended began to stand; walks backwards from the end. */
function standsByRule(array $entries, Target $target): ?int
{
    $notTheirs = [];
    for ($end = count($entries) - 1; $end >= 0; $end--) {
        $act = $entries[$end]->act;
        $journey = $act->journey()?->hex() ?? '';
        if ($act->kind() === EntryKind::NotTheirs) {
            $notTheirs[$journey] = true;
        }
        if ($act->kind() === EntryKind::Withdrawn && has($entries[$end], $target)) {
            return null;
        }
        $atOnce = match ($target->channel) {
            Channel::Email => $act instanceof Given && ! $act->confirmationNeeded,
            Channel::Post => true,
            default => false,
        };
        $began = ($act->kind() === EntryKind::Given && has($entries[$end], $target) && $atOnce) || ($act instanceof Confirmed
            && $act->through === $target->channel && confirmsAnOpenConsent(array_slice($entries, 0, $end), $act->journey(), $target));
        if ($began) {
            return isset($notTheirs[$journey]) ? null : $end;
        }
    }

    return null;
}

/** Whether a consent to the target waits for the journey, after these entries. */
function confirmsAnOpenConsent(array $before, Id $journey, Target $target): bool
{
    for ($i = count($before) - 1; $i >= 0; $i--) {
        $act = $before[$i]->act;
        $same = $act->journey()?->equals($journey) === true;
        $ended = $act instanceof JourneyEnd && in_array($act->through, [null, $target->channel], true);
        if (($act->kind() === EntryKind::Withdrawn && has($before[$i], $target)) || ($same && $ended)) {
            return false;
        }
        if ($same && $act instanceof Confirmed && $act->through === $target->channel) {
            return false;
        }
        if ($same && $act->kind() === EntryKind::Given) {
            return has($before[$i], $target) && ($act->confirmationNeeded === true || $target->channel->isByNumber());
        }
    }

    return false;
}

beforeEach(fn () => mt_srand(7));

test('nobody is permitted without a consent and, where needed, its confirmation', function (): void {
    $allowed = 0;
    for ($run = 0; $run < 1500; $run++) {
        $entries = history(mt_rand(1, 14));
        $permissions = Permissions::of($entries);
        foreach (targets() as $target) {
            $permission = $permissions->for($target);
            $allowed += (int) $permission->allowed();
            if ($permission->allowed() !== permittedByRule($entries, $target)) {
                throw new RuntimeException("Run $run: the fold says {$permission->reason->value} of {$target->key()}, the rule says otherwise.");
            }
            if ($permission->allowed()) {
                $given = $permission->entries[0];
                $confirmed = $permission->entries[1] ?? null;
                expect($given->act->kind())->toBe(EntryKind::Given)->and(has($given, $target))->toBeTrue()
                    ->and(
                        $target->channel === Channel::Post || ($target->channel === Channel::Email && $given->act->confirmationNeeded === false)
                            || $confirmed?->act->journey()?->equals($given->act->journey()) === true
                    )->toBeTrue();
            }
        }
    }
    expect($allowed)->toBeGreaterThan(300);
});

/** As entries were written in format 1: the same, without a word on what was confirmed through what. */
function asFormatOne(Entry $entry): Entry
{
    return Entry::parse(CanonicalJson::encode([...array_diff_key(CanonicalJson::decode($entry->bytes), ['through' => 1]), 'format' => 1]));
}

test('no channel is confirmed through another; what entries of format 1 confirmed by one press keeps its rule', function (): void {
    $journey = Id::random();
    $given = Entry::next(
        null, Id::random(),
        new Given(
            moment(1), How::FormServed, 'page', 'pass', $journey, 'p', Digest::of('e'), Language::English, [new Answer('all', Digest::of('w'))], targets(),
            true, []
        ),
        moment(1)
    );
    $confirmed = Entry::next($given, $given->subject, new Confirmed(moment(2), $journey, []), moment(2));
    $lapsed = Entry::next($given, $given->subject, new Lapsed(moment(2), $journey), moment(2));
    $reasons = static fn (Entry ...$chain): array => array_map(static fn (Target $t): string => Permissions::of($chain)->for($t)->reason->value, targets());
    expect($reasons($given))->toBe(['awaiting-confirmation', 'awaiting-confirmation', 'agreed'])
        ->and($reasons($given, $confirmed))->toBe(['confirmed', 'awaiting-confirmation', 'agreed'])
        ->and($reasons($given, $lapsed))->toBe(['lapsed', 'awaiting-confirmation', 'agreed'])
        ->and($reasons(asFormatOne($given), asFormatOne($confirmed)))->toBe(['confirmed', 'confirmed', 'confirmed'])
        ->and($reasons(asFormatOne($given), asFormatOne($lapsed)))->toBe(['lapsed', 'lapsed', 'lapsed'])
        // On its way when the format changed: the press confirms what a press of today confirms.
        ->and($reasons(asFormatOne($given), $confirmed))->toBe(['confirmed', 'awaiting-confirmation', 'awaiting-confirmation']);
});

test('a withdrawal ends permission until a new consent, whatever else follows', function (): void {
    for ($run = 0; $run < 500; $run++) {
        $entries = history(mt_rand(1, 12));
        $last = end($entries);
        $entries[] = $last = Entry::next($last, $last->subject, new Withdrawn($last->recorded, How::OneClick, targets()), $last->recorded->plusSeconds(1));
        foreach ($entries as $old) {
            if ($old->act->journey() !== null) {
                $late = new Confirmed($last->recorded, $old->act->journey(), []);
                $entries[] = $last = Entry::next($last, $last->subject, $late, $last->recorded->plusSeconds(1));
            }
        }
        foreach (Permissions::of($entries)->all() as $permission) {
            expect($permission->allowed())->toBeFalse();
        }
        $again = new Given(
            $last->recorded, How::FormServed, 'page', 'pass', Id::random(), 'p', Digest::of('e'), Language::English,
            [new Answer('voyage-news', Digest::of('w'))], [targets()[0]], false, []
        );
        $entries[] = Entry::next($last, $last->subject, $again, $last->recorded->plusSeconds(1));
        expect(Permissions::of($entries)->for(targets()[0])->reason)->toBe(Reason::Agreed);
    }
});

test('folding is the same whatever the batch', function (): void {
    for ($run = 0; $run < 500; $run++) {
        $entries = history(mt_rand(0, 20));
        $batched = Permissions::none();
        for ($rest = $entries; $rest !== [];) {
            foreach (array_splice($rest, 0, mt_rand(1, 5)) as $entry) {
                // As if read from storage anew.
                $batched = $batched->after(Entry::parse($entry->bytes));
            }
        }
        expect($batched->equals(Permissions::of($entries)))->toBeTrue();
    }
});

test('asking about the past never sees what was recorded later', function (): void {
    for ($run = 0; $run < 500; $run++) {
        $entries = history(mt_rand(2, 14));
        $cut = mt_rand(0, count($entries) - 2);
        $moment = $entries[$cut]->recorded;
        $known = array_filter($entries, static fn (Entry $e): bool => ! $e->recorded->isAfter($moment));
        expect(Permissions::at($entries, $moment, moment(99999))->equals(Permissions::of($known)))->toBeTrue()
            ->and(Permissions::at($entries, moment(0), moment(99999))->all())->toBe([]);
    }
});

test('with hindsight an ending counts from when the person acted, a consent only from when it was recorded', function (): void {
    $target = targets()[0];
    $given = Entry::next(
        null, Id::random(),
        new Given(
            moment(10), How::FormServed, 'page', 'pass', Id::random(), 'p', Digest::of('e'), Language::English, [new Answer('voyage-news', Digest::of('w'))],
            [$target], false, []
        ),
        moment(20)
    );
    $withdrawn = Entry::next($given, $given->subject, new Withdrawn(moment(30), How::Officer, [$target]), moment(90));
    $chain = [$given, $withdrawn];
    $may = static fn (int $at, ?int $known = null): bool => Permissions::at($chain, moment($at), moment(999), $known === null ? null : moment($known))
        ->for($target)->allowed();
    expect($may(15))->toBeFalse()->and($may(15, 999))->toBeFalse()
        ->and($may(60))->toBeTrue()->and($may(60, 999))->toBeFalse()
        ->and($may(25, 999))->toBeTrue()->and($may(90))->toBeFalse();
});

test('an ending written with a clock ahead counts from when the person acted; a consent so written counts when its time has come', function (): void {
    $target = targets()[0];
    for ($run = 0; $run < 300; $run++) {
        $entries = history(mt_rand(2, 10));
        $now = end($entries)->recorded->plusSeconds(60);
        $ahead = Entry::next(
            end($entries), $entries[0]->subject, new ConfirmationSent($now, Id::random(), Digest::of('e'), Language::English), $now->plusDays(3000)
        );
        // The chain's times never go back, so the withdrawal of today is recorded in the future, too.
        $withdrawn = Entry::next(
            $ahead, $entries[0]->subject, new Withdrawn(mt_rand(0, 1) === 0 ? $now : $ahead->recorded, How::OneClick, [$target]), $now->plusSeconds(1)
        );
        $later = $now->plusSeconds(5);
        expect(Permissions::at([...$entries, $ahead, $withdrawn], $later, $later)->for($target)->allowed())->toBeFalse()
            ->and(
                Permissions::at([...$entries, $ahead, $withdrawn], $now->plusSeconds(-30), $later)->for($target)->allowed()
            )->toBe(Permissions::of($entries)->for($target)->allowed());
        $given = Entry::next(
            $ahead, $entries[0]->subject,
            new Given(
                $now, How::FormServed, 'page', 'pass', Id::random(), 'p', Digest::of('e'), Language::English, [new Answer('all', Digest::of('w'))], [$target],
                false, []
            ),
            $now
        );
        expect(Permissions::at([...$entries, $ahead, $given], $later, $later)->equals(Permissions::of($entries)))->toBeTrue()
            ->and(Permissions::at([...$entries, $ahead, $given], $now->plusDays(3001), $later)->for($target)->allowed())->toBeTrue();
    }
});

test('the answer gives its reason', function (): void {
    $target = targets()[0];
    $journey = Id::random();
    $words = [new Answer('voyage-news', Digest::of('w'))];
    $given = Entry::next(
        null, Id::random(),
        new Given(moment(1), How::FormServed, 'page', 'pass', $journey, 'p', Digest::of('e'), Language::English, $words, [$target], true, []), moment(1)
    );
    $confirmed = Entry::next($given, $given->subject, new Confirmed(moment(2), $journey, []), moment(2));
    $lapsed = Entry::next($given, $given->subject, new Lapsed(moment(2), $journey), moment(2));
    $withdrawn = Entry::next($confirmed, $given->subject, new Withdrawn(moment(3), How::LinkPage, [$target]), moment(3));
    $reason = static fn (Entry ...$chain): Reason => Permissions::of($chain)->for($target)->reason;
    expect($reason())->toBe(Reason::NeverAsked)
        ->and($reason($given))->toBe(Reason::AwaitingConfirmation)
        ->and($reason($given, $confirmed))->toBe(Reason::Confirmed)
        ->and($reason($given, $lapsed))->toBe(Reason::Lapsed)
        ->and($reason($given, $confirmed, $withdrawn))->toBe(Reason::Withdrawn);
});

test('a lifeline tells the stretches of each permission, and where one is permitted the fold agrees', function (): void {
    for ($run = 0; $run < 200; $run++) {
        $entries = history(mt_rand(1, 14));
        foreach (Juramen\Consent\Lifeline::of($entries)->lines as $line) {
            $end = null;
            foreach ($line->spans as $span) {
                // Stretches follow one another; each knows how it ended.
                expect($span->to === null)->toBe($span->end === null);
                $end = $span->to;
            }
            $open = $line->spans[count($line->spans) - 1] ?? false;
            $now = Permissions::of($entries)->for($line->target);
            expect($open !== false && $open->to === null ? $open->reason->allows() : false)->toBe($now->allowed());
        }
    }
});

test('what somebody else enters, or leaves unconfirmed, neither frees what is suspended nor takes away what a lifting would restore', function (): void {
    [$mine, $theirs, $order, $target] = [Id::random(), Id::random(), Id::random(), targets()[0]];
    $given = static fn (int $at, Id $journey): Given => new Given(
        moment($at), How::FormServed, 'page', 'pass', $journey, 'p', Digest::of('e'), Language::English, [new Answer('all', Digest::of('w'))], [$target],
        true, []
    );
    $chain = static function (object ...$acts): array {
        [$subject, $last, $entries] = [Id::random(), null, []];
        foreach ($acts as $n => $act) {
            $entries[] = $last = Entry::next($last, $subject, $act, moment($n));
        }

        return $entries;
    };
    $begun = [$given(0, $mine), new Confirmed(moment(1), $mine, []), new Suspended(moment(2), [$target], $order, 'Runa')];
    $lifted = new Restored(moment(5), [$target], $order, 'Arne');
    $reason = static fn (object ...$more): string => Permissions::of($chain(...$begun, ...$more))->for($target)->reason->value;
    // Asked anew it waits beside what is suspended; only its confirmation, which the person alone can give, frees them.
    expect($reason($given(3, $theirs)))->toBe('suspended')
        ->and($reason($given(3, $theirs), $lifted))->toBe('confirmed')
        ->and($reason($given(3, $theirs), new Lapsed(moment(4), $theirs)))->toBe('suspended')
        ->and($reason($given(3, $theirs), new NotTheirs(moment(4), $theirs)))->toBe('suspended')
        ->and($reason($given(3, $theirs), new Lapsed(moment(4), $theirs), $lifted))->toBe('confirmed')
        ->and($reason($given(3, $theirs), new Confirmed(moment(4), $theirs, [])))->toBe('confirmed')
        // Whoever says that it was never them is not brought back by a lifting.
        ->and($reason(new NotTheirs(moment(3), $mine)))->toBe('not-theirs')
        ->and($reason(new NotTheirs(moment(3), $mine), $lifted))->toBe('not-theirs');
});
