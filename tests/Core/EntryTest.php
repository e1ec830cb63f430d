<?php

declare(strict_types=1);

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use Juramen\Register\Channel;
use Juramen\Register\Language;

function consent(Instant $at, array $personal = []): Act
{
    return new Given(
        $at, How::FormServed, 'page', 'pass', Id::random(), 'footer-newsletter', Digest::of('edition'), Language::German,
        [new Answer('voyage-news', Digest::of('words'))], [new Target('voyage-news', Channel::Email)], true,
        array_map(static fn (Disclosure $d) => $d->digest(), $personal)
    );
}

test('an entry is read back from its bytes as it was written', function (): void {
    $at = Instant::parse('2026-05-14T07:12:33.000001Z');
    $entry = Entry::next(
        null, Id::random(), consent($at, [Disclosure::make('email', 'imke@post.example'), Disclosure::make('network', '203.0.113.0/24')]), $at
    );
    $read = Entry::parse($entry->bytes);
    expect($read->bytes)->toBe($entry->bytes)->and($read->act->document()->json())->toBe($entry->act->document()->json())
        ->and($read->recorded->equals($at))->toBeTrue()->and($entry->bytes)->not->toContain('imke');
});

test('every entry names the one before; whatever is changed, left out or put in shows', function (): void {
    $at = Instant::parse('2026-05-14T07:12:33.000000Z');
    $first = Entry::next(null, Id::random(), consent($at), $at);
    $second = Entry::next($first, $first->subject, consent($at), $at->plusSeconds(5));
    $third = Entry::next($second, $first->subject, consent($at), $at->plusSeconds(9));
    $changed = Entry::parse(str_replace('form-served', 'one-click', $first->bytes));
    expect($first->follows(null))->toBeTrue()->and($second->follows($first))->toBeTrue()->and($third->follows($second))->toBeTrue()
        ->and($second->follows($changed))->toBeFalse()->and($third->follows($first))->toBeFalse()->and($second->follows(null))->toBeFalse();
});

test('a clock that goes back does not make the record go back', function (): void {
    $at = Instant::parse('2026-05-14T07:12:33.000000Z');
    $first = Entry::next(null, Id::random(), consent($at), $at);
    $second = Entry::next($first, $first->subject, consent($at), $at->plusSeconds(-3600));
    expect($second->recorded->equals($at))->toBeTrue()->and($second->follows($first))->toBeTrue();
});

test('two disclosures of one value have different digests, so that nobody can try values out', function (): void {
    expect(Disclosure::make('email', 'a@b.example')->digest()->equals(Disclosure::make('email', 'a@b.example')->digest()))->toBeFalse();
});

test('an entry dated before the one before it does not follow on it, whatever else fits', function (): void {
    $act = new Withdrawn(Instant::parse('2026-05-14T07:12:33.000000Z'), How::LinkPage, [new Target('voyage-news', Channel::Email)]);
    $first = Entry::next(null, Id::random(), $act, Instant::parse('2026-05-14T07:12:33.000000Z'));
    $second = Entry::next($first, $first->subject, $act, Instant::parse('2026-05-14T08:00:00.000000Z'));
    $dated = static fn (string $recorded): Entry => Entry::parse(CanonicalJson::encode([...CanonicalJson::decode($second->bytes), 'recorded' => $recorded]));
    expect($second->follows($first))->toBeTrue()->and($dated('2026-05-14T07:12:33.000000Z')->follows($first))->toBeTrue()
        ->and($dated('2026-05-14T07:12:32.999999Z')->follows($first))->toBeFalse();
});
