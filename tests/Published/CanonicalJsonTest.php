<?php

declare(strict_types=1);

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\InvalidCanonicalData;

// RFC 8785, section 3.2.2 (from memory).
test('the example of RFC 8785 section 3.2.2', function (): void {
    $given = <<<'JSON'
        {"numbers": [333333333.33333329, 1E30, 4.50, 2e-3, 0.000000000000000000000000001],
         "string": "\u20ac$\u000F\u000aA'\u0042\u0022\u005c\\\"\/",
         "literals": [null, true, false]}
        JSON;
    $canonical = '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\u000f\nA\'B\"\\\\\\\\\"/"}';
    expect(CanonicalJson::encode(json_decode($given)))->toBe($canonical);
});

// RFC 8785, section 3.2.3 (from memory).
test('members sort by UTF-16 code units', function (): void {
    $given = json_decode(
        '{"\u20ac":"Euro Sign","\r":"Carriage Return","\ufb33":"Hebrew Letter Dalet With Dagesh","1":"One","\ud83d\ude00":"Emoji: Grinning Face","\u0080":"Control","\u00f6":"Latin Small Letter O With Diaeresis"}'
    );
    $values = array_values(json_decode(CanonicalJson::encode($given), true));
    expect($values)->toBe(
        ['Carriage Return', 'One', 'Control', 'Latin Small Letter O With Diaeresis', 'Euro Sign', 'Emoji: Grinning Face', 'Hebrew Letter Dalet With Dagesh']
    );
});

// RFC 8785, appendix B: IEEE 754 doubles and their text (from memory).
test('numbers are written as ECMAScript writes them', function (string $ieee, string $text): void {
    $value = unpack('E', hex2bin($ieee))[1];
    expect(CanonicalJson::encode([$value]))->toBe("[$text]");
})->with([
    ['0000000000000000', '0'], ['8000000000000000', '0'], ['0000000000000001', '5e-324'], ['8000000000000001', '-5e-324'],
    ['7fefffffffffffff', '1.7976931348623157e+308'], ['4340000000000000', '9007199254740992'], ['c340000000000000', '-9007199254740992'],
    ['4430000000000000', '295147905179352830000'], ['44b52d02c7e14af5', '9.999999999999997e+22'], ['44b52d02c7e14af6', '1e+23'],
    ['44b52d02c7e14af7', '1.0000000000000001e+23'], ['444b1ae4d6e2ef4e', '999999999999999700000'], ['444b1ae4d6e2ef4f', '999999999999999900000'],
    ['444b1ae4d6e2ef50', '1e+21'], ['3eb0c6f7a0b5ed8c', '9.999999999999997e-7'], ['3eb0c6f7a0b5ed8d', '0.000001'],
    ['41b3de4355555553', '333333333.3333332'], ['41b3de4355555554', '333333333.33333325'], ['becbf647612f3696', '-0.0000033333333333333333'],
]);

test('what has no canonical form is refused', function (mixed $value): void {
    expect(fn () => CanonicalJson::encode($value))->toThrow(InvalidCanonicalData::class);
})->with([
    'not a number' => [[NAN]], 'infinity' => [[INF]], 'beyond 2^53 - 1' => [[2 ** 53]], 'not UTF-8' => [["\xff"]],
    'a name that is not UTF-8' => [["\xff" => 1]], 'an object of a class' => [[new ArrayObject]],
]);

test('reading takes canonical bytes only', function (string $bytes): void {
    expect(fn () => CanonicalJson::decode($bytes))->toThrow(InvalidCanonicalData::class);
})->with(['{"b":1,"a":2}', '{"a": 1}', '{"a":1.0}', '{"a":1,"a":1}', '["\u0041"]', '"a"', '{', '']);

// The npm package json-canonicalize implements the same RFC: 500 random documents through both.
test('500 random documents are written as the npm package writes them', function (): void {
    mt_srand(20261125);
    $documents = array_map(fn () => randomDocument(0), range(1, 500));
    $file = tempnam(sys_get_temp_dir(), 'canon');
    file_put_contents($file, implode("\n", array_map(fn ($d) => json_encode($d, JSON_THROW_ON_ERROR), $documents)));
    exec('node '.escapeshellarg(__DIR__.'/canonicalize.mjs').' '.escapeshellarg($file).' 2>&1', $lines, $code);
    unlink($file);
    expect($code)->toBe(0)->and($lines)->toHaveCount(500);
    foreach ($documents as $i => $document) {
        expect(CanonicalJson::encode($document))->toBe($lines[$i]);
    }
});

function randomDocument(int $depth): mixed
{
    $size = mt_rand(0, 6);
    $kind = $depth > 3 ? mt_rand(2, 7) : mt_rand(0, $depth === 0 ? 1 : 7);
    if ($kind === 0) {
        return array_map(fn () => randomDocument($depth + 1), $size === 0 ? [] : range(1, $size));
    }
    if ($kind === 1) {
        $object = new stdClass;
        for ($i = 0; $i < $size; $i++) {
            // PHP's own objects cannot have a member whose name begins with NUL.
            $object->{ltrim(randomText(), "\0")} = randomDocument($depth + 1);
        }

        return $object;
    }

    return match ($kind) {
        2 => null,
        3 => mt_rand(0, 1) === 1,
        4 => mt_rand(-1000000, 1000000),
        5 => (mt_rand() / mt_getrandmax() - 0.5) * 10 ** mt_rand(-30, 30),
        default => randomText(),
    };
}

function randomText(): string
{
    $text = '';
    for ($i = mt_rand(1, 8); $i > 0; $i--) {
        $ranges = [[0x20, 0x7E], [0, 0x1F], [0xA0, 0x24F], [0x400, 0x4FF], [0x20A0, 0x20BF], [0xE000, 0xFFFD], [0x1F300, 0x1F6FF]];
        $text .= mb_chr(mt_rand(...$ranges[mt_rand(0, 6)]));
    }

    return $text;
}
