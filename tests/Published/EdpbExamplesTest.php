<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Judgement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Tests\Support\Words;

/*
 * EDPB Guidelines 05/2020 on consent: those of its examples and numbered sentences that concern forms, rebuilt as HTML and as sheets, with the
 * verdict that the guidelines give. All from memory, the numbers of the examples too.
 */

/** @return array<string, string> requirement to the gravest verdict found */
function edpbFound(string $form): array
{
    $page = '<!doctype html><html lang="en"><head><title>Tidewick Ferries Ltd</title></head><body>'.$form.'<a href="/privacy">Privacy notice</a></body></html>';
    $worst = [];
    foreach (Requirements::judge(HtmlReader::read($page)[0]) as $result) {
        $id = $result->requirement->id();
        if ($result->verdict->isFinding() && ! isset($worst[$id])) {
            $worst[$id] = $result->verdict->value;
        }
    }

    return $worst;
}

/** @param  array<string, string|null>  $expected  verdict by requirement; null where nothing may be found */
function edpbSays(string $form, array $expected): void
{
    $found = edpbFound($form);
    foreach ($expected as $id => $verdict) {
        expect($found[$id] ?? null)->toBe($verdict, "$id: ".json_encode($found));
    }
}

$account = static fn (string $inner): string => '<form action="/a" method="post"><h1>Create your account</h1><label>Email <input type="email" autocomplete="email"></label>'
    .'<label>Password <input type="password"></label><label>Repeat password <input type="password"></label>'.$inner.'<button>Create account</button></form>';

test('example 1: an app that is not to be had without consent to advertising does not ask freely', function () use ($account): void {
    edpbSays($account('<label><input type="checkbox" required> * I agree that Tidewick Ferries emails me advertising for its cabins.</label>'), [
        'not-a-condition' => 'breach', 'no-preset-answer' => null,
    ]);
});

test('example 2: a list about road works that one may join or leave alone is freely joined', function (): void {
    $form = '<form action="/a" method="post"><h2>Road works by email</h2><p>You need not sign up: the same stands on our website. You can leave at any time.</p>'
        .'<label>Email <input type="email" autocomplete="email"></label><label><input type="checkbox"> Tidewick may email me about road works once a week.</label>'
        .'<button>Subscribe</button></form>';
    edpbSays($form, ['not-a-condition' => null, 'consent-asked' => null, 'no-preset-answer' => null, 'withdrawal-said' => null]);
});

test('example 7: one consent for own marketing and for sharing within the group is not granular, and names nobody', function () use ($account): void {
    $box = '<label><input type="checkbox"> Yes, email me your offers on cabins, and share my details with other companies of your group so that they can send me theirs.</label>';
    edpbSays($account($box), ['one-purpose-each' => 'breach', 'recipients-named' => 'breach']);
});

test('paragraph 65: whoever relies on the consent is named', function () use ($account): void {
    $box = '<label><input type="checkbox"> Tidewick Ferries may pass my email to Seahaven Hotels Ltd, who may email me offers on rooms.</label>';
    edpbSays($account($box), ['recipients-named' => null]);
});

test('example 14: a box beside the words, empty and optional, is a clear act; beside the terms it stands apart', function () use ($account): void {
    $boxes = '<label><input type="checkbox" required> * I accept the terms and conditions.</label>'
        .'<label><input type="checkbox"> Tidewick Ferries may email me about new sailings. I can withdraw at any time.</label>';
    edpbSays($account($boxes), ['no-preset-answer' => null, 'apart-from-terms' => null, 'not-a-condition' => null, 'withdrawal-said' => null]);
});

test('paragraph 79: boxes that are ticked beforehand, and silence, are no consent (CJEU C-673/17)', function () use ($account): void {
    edpbSays($account('<label><input type="checkbox" checked> Email me about new sailings.</label>'), ['no-preset-answer' => 'breach']);
    edpbSays($account('<p>Unless you tell us otherwise, we take it that you agree to our advertising by email.</p>'), ['no-consent-by-sending' => 'breach']);
});

test('paragraph 81: accepting general terms is no consent to the processing of data', function () use ($account): void {
    edpbSays($account('<label><input type="checkbox" required> * I accept the terms and conditions and agree to be sent offers by email.</label>'), [
        'apart-from-terms' => 'breach',
    ]);
});

test('example 15: going on, scrolling or swiping is no clear act', function () use ($account): void {
    edpbSays($account('<p>By continuing you agree to receive our offers by email.</p>'), ['no-consent-by-sending' => 'breach']);
});

test('example 22: a consent that is given with a click and withdrawn only by phone on working days is not as easily withdrawn', function () use ($account): void {
    $box = '<label><input type="checkbox"> Tidewick Ferries may email me about concerts. I can withdraw this only by phone, on working days from 8 to 17.</label>';
    expect(edpbFound($account($box)))->toHaveKey('withdrawal-said');
});

test('example 23: a game for children asks their age and, below it, a parent', function () use ($account): void {
    $asks = '<p>Games for children from 7 to 12 years.</p><label>Date of birth <input autocomplete="bday"></label>'
        .'<label><input type="checkbox"> Tidewick Ferries may email me new games. I can withdraw at any time.</label>';
    edpbSays($account($asks), ['children' => null]);
    edpbSays($account(str_replace('<label>Date of birth <input autocomplete="bday"></label>', '', $asks)), ['children' => 'breach']);
});

test('nothing of this is ever said to be met where it is missed', function (): void {
    $bad = '<form><input type="checkbox" checked> Email me your offers</form>';
    $met = array_filter(Requirements::judge(HtmlReader::read($bad)[0]), static fn (Result $r): bool => $r->requirement->id() === 'no-preset-answer'
        && $r->verdict === Verdict::Met);
    expect($met)->toBe([]);
});

/*
 * The same as sheets of ours, where a sheet can say it at all: a box that stands on yes, or that must be ticked, cannot be written on one.
 */

/**
 * @param  array<string, mixed>  $change  of an account's sheet
 * @return array<string, string> requirement to the gravest verdict found
 */
function edpbOnSheet(string $words, array $change = [], array $channels = ['email']): array
{
    $registers = House::registers()->with(Records::read(RecordKind::Statement, Document::from([
        'id' => 'voyage-news', 'purpose' => 'voyage-news', 'channels' => $channels, 'texts' => ['en' => $words],
    ]), Digest::of($words)));
    $draft = SheetDraft::from(Document::from(array_replace(FooterNewsletter::SHEET, [
        'kind' => 'account', 'countries' => ['GB'], 'languages' => ['en'], 'title' => ['en' => 'Create your account'],
        'purpose-line' => ['en' => 'See your bookings in one place.'], 'button' => ['en' => 'Create account'], ...$change,
    ])));
    $worst = [];
    foreach (Judgement::ofSheet($registers->complete($draft), $registers, fn (Language $l) => Words::form())->notes as $note) {
        $worst[$note->result->requirement->id()] ??= $note->result->verdict->value;
    }

    return $worst;
}

test('as sheets: what the guidelines find is found', function (string $words, array $change, array $expected): void {
    $found = edpbOnSheet($words, $change);
    foreach ($expected as $id => $verdict) {
        expect($found[$id] ?? null)->toBe($verdict, "$id: ".json_encode($found));
    }
})->with([
    'example 2, freely joined' => [
        'Yes, {controller} may email me its new sailings once a month. {withdrawal}',
        ['kind' => 'newsletter', 'title' => ['en' => 'Road works by email'], 'purpose-line' => ['en' => 'You need not sign up: the same stands on our website.']],
        ['not-a-condition' => null, 'consent-asked' => null, 'no-preset-answer' => null, 'withdrawal-said' => null],
    ],
    'example 7, not granular' => [
        'Yes, email me your offers on cabins, and share my details with other companies of your group so that they can send me theirs.', [],
        ['one-purpose-each' => 'breach', 'recipients-named' => 'breach'],
    ],
    'paragraph 65, named' => ['{controller} may pass my email to Seahaven Hotels Ltd, who may email me offers on rooms.', [], ['recipients-named' => null]],
    'example 14, a clear act' => [
        '{controller} may email me about new sailings. {withdrawal}', [],
        ['no-preset-answer' => null, 'apart-from-terms' => null, 'not-a-condition' => null, 'withdrawal-said' => null],
    ],
    'paragraph 81, general terms' => ['I accept the terms and conditions and agree to be sent offers by email.', [], ['apart-from-terms' => 'breach']],
    'example 15, going on' => [
        '{controller} may email me about new sailings. {withdrawal}', ['purpose-line' => ['en' => 'By continuing you agree to receive our offers by email.']],
        ['no-consent-by-sending' => 'breach'],
    ],
    'example 23, a game for children' => ['{controller} may email me new games. {withdrawal}', ['for-children' => true], ['children' => 'breach']],
]);

test('as a sheet, example 22: a way out by phone on working days is told of', function (): void {
    expect(edpbOnSheet('{controller} may email me about concerts. I can withdraw this only by phone, on working days from 8 to 17.'))->toHaveKey('withdrawal-said');
});

test('as sheets, example 1 and paragraph 79: whatever a sheet is told, its box starts empty and may stay so', function (): void {
    $forced = ['statements' => [['id' => 'voyage-news', 'control' => 'tick', 'needed' => true, 'required' => true, 'checked' => true, 'answer' => 'yes']]];
    $found = edpbOnSheet('{controller} may email me about new sailings. {withdrawal}', $forced);
    expect($found)->not->toHaveKey('no-preset-answer')->not->toHaveKey('not-a-condition');
});
