<?php

declare(strict_types=1);

use App\Casts\HeldContentCast;
use App\Models\Enquiry;
use App\Models\HeldContent;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Points\FieldValue;

/* What somebody sent, as it is kept: encrypted, read again as it was, also where it was written before answers had channels. */

/** A text of any letters, lines and marks, sometimes empty. */
function anyAnswer(): string
{
    $letters = ['a', 'ß', '船', '🚢', "\n", '"', '\\', '/', '<', '&', ' ', '0', "\u{202E}", '{}', '[]'];

    return implode('', array_map(static fn (): string => $letters[mt_rand(0, count($letters) - 1)], range(1, mt_rand(1, 30))));
}

test('whatever was sent comes back as it was, in its order, and nothing of it can be read in the column', function (): void {
    mt_srand(9901);
    [$cast, $model] = [new HeldContentCast, new Enquiry];
    for ($turn = 0; $turn < 200; $turn++) {
        $names = array_slice(['choice-2', 'name', 'message', 'phone', 'choice', 'first-name'], 0, mt_rand(0, 6));
        shuffle($names);
        $content = HeldContent::submission(
            "a$turn@post.example", array_map(static fn (string $n): FieldValue => new FieldValue($n, anyAnswer()), $names), [],
            ['page', 'kiosk-3'][mt_rand(0, 1)], [null, '192.0.2.0/24'][mt_rand(0, 1)], array_slice(['years', 'pupils'], 0, mt_rand(0, 2)), mt_rand(0, 1) === 1
        );
        $column = $cast->set($model, 'content', $content, []);
        expect($cast->get($model, 'content', $column, []))->toEqual($content)->and($column)->not->toContain($content->email);
    }
});

test('what was kept in older forms is still read: ids in a list, no channels, nothing said of the place', function (): void {
    $read = static fn (array $kept): HeldContent => HeldContent::from(Document::from($kept));
    $old = $read(['email' => 'ada@post.example', 'values' => ['name' => 'Ada'], 'statements' => ['voyage-news', 'island-walks'], 'network' => null]);
    expect($old->values)->toEqual([new FieldValue('name', 'Ada')])->and($old->placement)->toBe('page')->and($old->network)->toBeNull()
        ->and($old->notShown)->toBe([])->and($old->delivered)->toBeFalse()
        ->and($old->toDocument()->toArray()['statements'])->toBe(['voyage-news' => null, 'island-walks' => null]);
    $enquiry = $read(['email' => 'ada@post.example', 'values' => []]);
    expect($enquiry)->toEqual(HeldContent::enquiry('ada@post.example', []));
});

test('words are found in whatever was sent, in any case, and nowhere else', function (): void {
    $content = HeldContent::enquiry('Ada.Lind@post.example', [new FieldValue('message', "Ein grüner\nREGENSCHIRM"), new FieldValue('name', 'Ole')]);
    foreach (['regenschirm' => true, 'GRÜNER' => true, 'ada.lind' => true, 'ole' => true, 'message' => false, 'umbrella' => false] as $words => $found) {
        expect($content->says($words))->toBe($found, $words);
    }
});

test('what was tampered with is not read as something else', function (): void {
    (new HeldContentCast)->get(new Enquiry, 'content', Crypt::encryptString('"ada@post.example"'), []);
})->throws(Refused::class);
