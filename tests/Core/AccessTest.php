<?php

declare(strict_types=1);

use Juramen\Access\OneTimeCodes;
use Juramen\Access\RecoveryCode;
use Juramen\Canon\Base32;
use Juramen\Canon\Instant;

test('a code is taken once, in its step and the one beside it, and never an older one after it', function (): void {
    $codes = OneTimeCodes::withNewSecret();
    $now = Instant::parse('2026-11-27T10:00:10.000000Z');
    $step = $codes->stepAt($now);
    $spaced = substr($codes->code($step), 0, 3).' '.substr($codes->code($step), 3);
    expect($codes->accept($spaced, $now))->toBe($step)
        ->and($codes->accept($codes->code($step), $now, used: $step))->toBeNull()
        ->and($codes->accept($codes->code($step - 1), $now, used: $step))->toBeNull()
        ->and($codes->accept($codes->code($step - 1), $now))->toBe($step - 1)
        ->and($codes->accept($codes->code($step + 1), $now, used: $step))->toBe($step + 1);
    foreach ([$codes->code($step - 3), $codes->code($step + 3), '', '12345', 'abcdef', $codes->code($step).'0'] as $wrong) {
        expect($codes->accept($wrong, $now, used: $step))->toBeNull();
    }
});

test('Base32 gives back every text of bytes, and refuses what it cannot have written', function (): void {
    mt_srand(4648);
    foreach (range(0, 200) as $length) {
        $bytes = $length === 0 ? '' : random_bytes(mt_rand(1, 70));
        expect(Base32::decode(Base32::encode($bytes)))->toBe($bytes);
    }
    foreach (['M', 'MZ=', 'my', 'MZXW1', 'MR', 'MZXW6YTBO'] as $wrong) {
        expect(fn () => Base32::decode($wrong))->toThrow(InvalidArgumentException::class);
    }
});

test('a recovery code is known again however it is typed', function (): void {
    $code = RecoveryCode::random();
    expect($code->text())->toMatch('/^([A-Z2-7]{4}-){3}[A-Z2-7]{4}$/');
    $letters = str_replace('-', '', $code->text());
    foreach ([$code->text(), strtolower($code->text()), $letters, implode(' ', str_split($letters, 4)), " $letters\n", strtr($letters, 'OI', '01')] as $typed) {
        expect(RecoveryCode::typed($typed)?->digest()->equals($code->digest()))->toBeTrue();
    }
    foreach (['', substr($letters, 1), $letters.'A', str_replace($letters[0], '8', $letters)] as $wrong) {
        expect(RecoveryCode::typed($wrong))->toBeNull();
    }
});

test('an app reads the address of a secret', function (): void {
    $address = (new OneTimeCodes('12345678901234567890'))->address('Juramen', 'runa@tidewick.example');
    expect($address)->toBe(
        'otpauth://totp/Juramen:runa%40tidewick.example?secret=GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ&issuer=Juramen&algorithm=SHA1&digits=6&period=30'
    );
});
