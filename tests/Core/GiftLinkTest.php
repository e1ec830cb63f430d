<?php

declare(strict_types=1);

use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Consent\GiftLink;

/* The link to a gift: it opens as it was made, until its last day, and whatever else is sent in its place opens nothing. */

beforeEach(function (): void {
    $this->keys = new MacRing(new MacKey('k1', str_repeat('g', 32)));
    $this->edition = Digest::fromBytes(hash('sha256', 'edition 3', true));
});

test('it says the edition and the day, works on its last day and not on the next', function (): void {
    mt_srand(7);
    for ($i = 0; $i < 300; $i++) {
        $until = Day::parse('2026-01-01')->plus(mt_rand(0, 2000));
        $opened = GiftLink::open((new GiftLink($this->edition, $until))->token($this->keys), $this->keys);
        expect($opened?->edition->bytes)->toBe($this->edition->bytes)->and($opened?->until->text)->toBe($until->text)
            ->and($opened?->worksOn($until))->toBeTrue()->and($opened?->worksOn($until->plus(1)))->toBeFalse();
    }
});

test('a letter changed, left out or added anywhere opens nothing', function (): void {
    $token = (new GiftLink($this->edition, Day::parse('2026-12-24')))->token($this->keys);
    for ($i = 0; $i < strlen($token); $i++) {
        $other = $token[$i] === 'A' ? 'B' : 'A';
        foreach ([substr_replace($token, $other, $i, 1), substr_replace($token, '', $i, 1), substr($token, 0, $i)] as $forged) {
            expect(GiftLink::open($forged, $this->keys))->toBeNull("$i of $token");
        }
    }
    expect(GiftLink::open($token.'A', $this->keys))->toBeNull();
});

test('what was sealed for something else, by another key, or holds no day is no gift', function (): void {
    $payload = $this->edition->bytes.'2026-12-24';
    $others = new MacRing(new MacKey('k1', str_repeat('x', 32)));
    expect(GiftLink::open($this->keys->seal('gift', $payload), $this->keys))->not->toBeNull()
        ->and(GiftLink::open($this->keys->seal('withdraw', $payload), $this->keys))->toBeNull()
        ->and(GiftLink::open($others->seal('gift', $payload), $this->keys))->toBeNull();
    foreach (['', '2026-02-30', '2026-12-24 ', '24.12.2026', '9999999999'] as $day) {
        expect(GiftLink::open($this->keys->seal('gift', $this->edition->bytes.$day), $this->keys))->toBeNull("“{$day}”");
    }
    // A link outlives the key that made it, as long as that is kept.
    $newer = new MacRing(new MacKey('k2', str_repeat('n', 32)), new MacKey('k1', str_repeat('g', 32)));
    expect(GiftLink::open((new GiftLink($this->edition, Day::parse('2026-12-24')))->token($this->keys), $newer))->not->toBeNull();
});
