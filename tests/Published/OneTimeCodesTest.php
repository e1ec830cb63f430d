<?php

declare(strict_types=1);

use Juramen\Access\Hash;
use Juramen\Access\OneTimeCodes;
use Juramen\Canon\Base32;
use Juramen\Canon\Instant;

// RFC 6238, appendix B, with the seeds of its erratum 2866: as long as each digest (from memory).
test('the codes of RFC 6238, appendix B', function (string $hash, int $seconds, string $code): void {
    $hash = Hash::from($hash);
    $seed = substr(str_repeat('1234567890', 7), 0, match ($hash) {
        Hash::Sha1 => 20, Hash::Sha256 => 32, Hash::Sha512 => 64
    });
    $codes = new OneTimeCodes($seed, digits: 8, hash: $hash);
    expect($codes->code($codes->stepAt(Instant::of(new DateTimeImmutable("@$seconds")))))->toBe($code);
})->with([
    ['sha1', 59, '94287082'], ['sha256', 59, '46119246'], ['sha512', 59, '90693936'],
    ['sha1', 1111111109, '07081804'], ['sha256', 1111111109, '68084774'], ['sha512', 1111111109, '25091201'],
    ['sha1', 1111111111, '14050471'], ['sha256', 1111111111, '67062674'], ['sha512', 1111111111, '99943326'],
    ['sha1', 1234567890, '89005924'], ['sha256', 1234567890, '91819424'], ['sha512', 1234567890, '93441116'],
    ['sha1', 2000000000, '69279037'], ['sha256', 2000000000, '90698825'], ['sha512', 2000000000, '38618901'],
    ['sha1', 20000000000, '65353130'], ['sha256', 20000000000, '77737706'], ['sha512', 20000000000, '47863826'],
]);

// RFC 4226, appendix D (from memory).
test('the codes of RFC 4226, appendix D', function (): void {
    $codes = new OneTimeCodes('12345678901234567890');
    expect(array_map($codes->code(...), range(0, 9)))
        ->toBe(['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489']);
});

// RFC 4648, section 10, without the padding.
test('the texts of RFC 4648, section 10', function (string $bytes, string $text): void {
    expect(Base32::encode($bytes))->toBe($text)->and(Base32::decode($text))->toBe($bytes);
})->with([['', ''], ['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], ['foobar', 'MZXW6YTBOI']]);

// The npm package otplib, an implementation by other hands.
test('otplib computes the same codes', function (): void {
    mt_srand(6238);
    $lines = $ours = [];
    foreach (range(1, 300) as $turn) {
        $hash = [Hash::Sha1, Hash::Sha256, Hash::Sha512][$turn % 3];
        [$secret, $digits, $period, $seconds] = [random_bytes(mt_rand(16, 64)), [6, 7, 8][mt_rand(0, 2)], [15, 30, 60][mt_rand(0, 2)], mt_rand(0, 4102444800)];
        $codes = new OneTimeCodes($secret, $digits, $period, $hash);
        $lines[] = implode(' ', [bin2hex($secret), $hash->value, $digits, $period, $seconds]);
        $ours[] = $codes->code($codes->stepAt(Instant::of(new DateTimeImmutable("@$seconds"))));
    }
    $file = tempnam(sys_get_temp_dir(), 'otp');
    file_put_contents($file, implode("\n", $lines));
    exec('node '.escapeshellarg(__DIR__.'/otp.mjs').' '.escapeshellarg($file), $theirs, $exit);
    unlink($file);
    expect($exit)->toBe(0)->and($theirs)->toBe($ours);
});
