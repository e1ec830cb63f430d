<?php

declare(strict_types=1);

use Juramen\Register\Language;
use Juramen\Register\Texts;
use Juramen\Wording\LanguagesBehind;
use Juramen\Wording\StillSays;

/* What other languages and other words still say when a statement has come to say something else. */

test('a language that was not changed with others is behind until it is, or until somebody says that it fits', function (array $editions, array $behind): void {
    $so = LanguagesBehind::none();
    foreach ($editions as [$texts, $fit]) {
        $so = $so->after(Texts::from($texts), array_map(Language::from(...), $fit));
    }
    expect(array_map(static fn (Language $l): string => $l->value, $so->languages()))->toBe($behind);
})->with([
    'the first edition' => [[[['en' => 'a', 'de' => 'a'], []]], []],
    'English alone' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'b', 'de' => 'a'], []]], ['de']],
    'it fits' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'b', 'de' => 'a'], ['de']]], []],
    'caught up' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'b', 'de' => 'a'], []], [['en' => 'b', 'de' => 'b'], []]], []],
    'one of two caught up' => [
        [[['en' => 'a', 'de' => 'a', 'fr' => 'a'], []], [['en' => 'b', 'de' => 'a', 'fr' => 'a'], []], [['en' => 'b', 'de' => 'b', 'fr' => 'a'], []]], ['fr'],
    ],
    'said later that it fits' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'b', 'de' => 'a'], []], [['en' => 'c', 'de' => 'a'], ['de']]], []],
    'a language that came with it' => [[[['en' => 'a'], []], [['en' => 'a', 'de' => 'b'], []]], ['en']],
    'a language that went' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'b', 'de' => 'a'], []], [['en' => 'b'], []]], []],
    'nothing changed' => [[[['en' => 'a', 'de' => 'a'], []], [['en' => 'a', 'de' => 'a'], []]], []],
]);

test('words elsewhere lag where they speak of what was asked for and of nothing that came in', function (string $old, string $new, string $there, bool $lags): void {
    expect(StillSays::lags(Language::English, $old, $new, $there))->toBe($lags);
})->with([
    ['Yes, email me new sailings and fares.', 'Yes, email me new sailings, fares and concerts on board.', 'Once a month: new sailings and fares.', true],
    ['Yes, email me new sailings and fares.', 'Yes, email me new sailings, fares and concerts on board.', 'New sailings, fares and concerts.', false],
    ['Yes, email me new sailings and fares.', 'Yes, email me fares.', 'Once a month: new sailings and fares.', false],
    ['Yes, email me new sailings and fares.', 'Yes, email me new sailings, fares and concerts on board.', 'Our letter', false],
    [
        'Yes, email me new sailings and fares.', 'Yes, email me new sailings, fares and concerts on board.',
        'Twice a year: new walking routes, and guided walks with dates.', false,
    ],
]);
