<?php

declare(strict_types=1);

use Juramen\Canon\Digest;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Log\Checkpoint;
use Juramen\Log\KeyRing;
use Juramen\Log\SignedNote;
use Juramen\Log\SigningKey;

function ledgerKey(string $letter): SigningKey
{
    return new SigningKey('ledger.example', str_repeat($letter, 32));
}

test('checkpoints of every key in the chain open, those of a stranger do not', function (): void {
    [$a, $b, $c] = [ledgerKey('a'), ledgerKey('b'), ledgerKey('c')];
    $ring = KeyRing::startingWith($a->public)->rotate(KeyRing::handOver($a, $b->public))->rotate(KeyRing::handOver($b, $c->public));
    $checkpoint = new Checkpoint('ledger.example', 7, Digest::of('root'));
    foreach ([$a, $b, $c] as $key) {
        expect($ring->open(SignedNote::sign($checkpoint->text(), $key)->note()))->toEqual($checkpoint);
    }
    expect($ring->newest())->toEqual($c->public)
        ->and(
            fn () => $ring->open(SignedNote::sign($checkpoint->text(), ledgerKey('d'))->note())
        )->toThrow(InvalidArgumentException::class, 'No key of this ledger');
});

test('only the key in use can hand over', function (): void {
    [$a, $b, $c] = [ledgerKey('a'), ledgerKey('b'), ledgerKey('c')];
    $ring = KeyRing::startingWith($a->public)->rotate(KeyRing::handOver($a, $b->public));
    expect(fn () => $ring->rotate(KeyRing::handOver($a, $c->public)))->toThrow(InvalidArgumentException::class)
        ->and(fn () => $ring->rotate(KeyRing::handOver($c, $c->public)))->toThrow(InvalidArgumentException::class);
});

test('one changed character and a signed note opens no more', function (): void {
    $ring = KeyRing::startingWith(ledgerKey('a')->public);
    $note = SignedNote::sign((new Checkpoint('ledger.example', 7, Digest::of('root')))->text(), ledgerKey('a'))->note();
    for ($i = 0; $i < strlen($note); $i++) {
        $changed = substr_replace($note, $note[$i] === '7' ? '8' : '7', $i, 1);
        $opened = false;
        try {
            $opened = $ring->open($changed) instanceof Checkpoint;
        } catch (InvalidArgumentException) {
        }
        expect($opened)->toBeFalse("character $i");
    }
});

test('a sealed text opens for its own purpose, with its own key, and not otherwise', function (): void {
    $old = new MacRing(new MacKey('k1', str_repeat('1', 32)));
    $both = new MacRing(new MacKey('k2', str_repeat('2', 32)), new MacKey('k1', str_repeat('1', 32)));
    $text = $old->seal('confirm', "\x00payload");
    expect($both->open('confirm', $text))->toBe("\x00payload")
        ->and($both->seal('confirm', 'x'))->toStartWith('k2.')
        ->and($both->open('withdraw', $text))->toBeNull()
        ->and($both->open('confirm', str_replace('k1.', 'k2.', $text)))->toBeNull()
        ->and($both->open('confirm', substr($text, 0, -1)))->toBeNull()
        ->and($both->open('confirm', 'k1..'))->toBeNull()
        ->and($old->open('confirm', $both->seal('confirm', 'x')))->toBeNull();
});
