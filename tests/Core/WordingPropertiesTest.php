<?php

declare(strict_types=1);

use Database\Demo\BookingPopup;
use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Database\Demo\WalkingGuide;
use Juramen\Canon\ById;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\FrozenPage;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Purpose;
use Juramen\Wording\Library;
use Juramen\Wording\LibraryText;
use Juramen\Wording\Markup;
use Juramen\Wording\Placeholder;
use Juramen\Wording\Statement;
use Tests\Support\Words;

/* What holds of wording and registers whatever they say. */

/** A text of odd pieces. */
function oddText(int $pieces): string
{
    static $bits = [
        '*', '**', '_', '[', '](', ')', '<', '>', '&', '"', '\'', '`', '{', '}', '{controller}', '{rate}', '{x}', '\\', "\n", ' ', 'word', 'Åre', "\u{202e}",
        "\u{1F6A2}", 'https://a.example/', 'javascript:alert(1)', '<b>', '</a>', '<!--', '&lt;', '![', '#', '- ', '1. ', '~', '|',
    ];

    return implode('', array_map(static fn (): string => $bits[mt_rand(0, count($bits) - 1)], range(1, $pieces)));
}

/** The form in every language, as bytes. */
function formsOf(array $document, Registers $registers): string
{
    $sheet = $registers->complete(SheetDraft::from(Document::from($document)));
    $controller = $registers->controller($sheet->draft->controller);

    return implode(
        '',
        array_map(
            static fn (Language $l): string => (
                new FormRenderer($sheet, $controller, '/f/LANGUAGE', "/look-{$controller->accent}.css")
            )->pages($l, Words::form('Notice'))[0]->html,
            $sheet->draft->languages
        )
    );
}

test('whatever is written, only emphasis and links come out, and links lead to pages or mailboxes', function (): void {
    mt_srand(31);
    for ($run = 0; $run < 1500; $run++) {
        $text = oddText(mt_rand(1, 25));
        $html = Markup::html($text);
        preg_match_all('~<(/?)([a-z!-]+)([^>]*)>~i', $html, $tags, PREG_SET_ORDER);
        foreach ($tags as [, , $name, $attributes]) {
            expect($name)->toBeIn(['em', 'strong', 'a'], $text);
            if (preg_match('~href="([^"]*)"~', $attributes, $m) === 1) {
                expect($m[1])->toMatch('~^(?:https?:|mailto:)~', $text);
            }
        }
        // What a reader takes in has no tag of ours left in it, and says the same when it is written as plain text again.
        expect(Markup::words(Markup::escape($words = Markup::words($text))))->toBe(trim((string) preg_replace('/\s+/u', ' ', $words)), $text);
    }
});

test('filling leaves no placeholder that the registers can fill, changes nothing else, and never breaks a text', function (): void {
    mt_srand(32);
    $fillings = House::registers()->fillings('voyage-news');
    for ($run = 0; $run < 800; $run++) {
        $text = trim(oddText(mt_rand(1, 20)));
        if ($text === '') {
            continue;
        }
        $statement = Statement::from(Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => ['en' => $text]]));
        $filled = $fillings->fill($statement)->texts->in(Language::English);
        $missing = array_map(static fn ($u): string => $u->name, $fillings->missing($statement));
        foreach (Placeholder::namesIn($text) as $name) {
            $known = in_array($name, ['controller', 'notice', 'withdrawal', 'rate'], true);
            expect(in_array($name, $missing, true))->toBe(! $known, $text);
        }
        if (Placeholder::namesIn($text) === []) {
            expect($filled)->toBe($text);
        }
    }
});

test('a point is touched by a change of the registers exactly where its form or its rules would be others', function (): void {
    mt_srand(33);
    $sheets = [FooterNewsletter::SHEET, WalkingGuide::SHEET, BookingPopup::SHEET];
    $before = House::registers();
    $editions = array_map(static fn (array $s): PointEdition => PointEdition::make(
        $before->complete(SheetDraft::from(Document::from($s))), 1, Instant::parse('2026-11-25T10:00:00.000000Z'), $before->controller('tidewick-ferries'),
        [new FrozenLanguage(Language::English, Digest::of('css'), [new FrozenPage(Digest::of('html'), [])], [])],
    ), $sheets);
    $changes = [
        static fn (): Controller => Controller::from(Document::from([...House::TIDEWICK, 'name' => 'Tidewick Line'])),
        static fn (): Controller => Controller::from(Document::from([...House::TIDEWICK, 'accent' => '#1d4e70'])),
        static fn (): Controller => Controller::from(Document::from([...House::TIDEWICK, 'dpo' => 'somebody@tidewick.example'])),
        static fn (): Purpose => Purpose::from(
            Document::from([...House::VOYAGE_NEWS, 'rates' => [...House::VOYAGE_NEWS['rates'], 'de' => 'zweimal im Monat']])
        ),
        static fn (): Purpose => Purpose::from(Document::from([...House::VOYAGE_NEWS, 'retention-months' => 12])),
        static fn (): Purpose => Purpose::from(Document::from([...House::PURPOSES[1], 'rates' => ['en' => 'thrice a year', 'de' => 'dreimal im Jahr']])),
        static fn (): Statement => Statement::from(
            Document::from(
                [
                    ...House::VOYAGE_NEWS_WORDS,
                    'texts' => [...House::VOYAGE_NEWS_WORDS['texts'], 'sv' => 'Ja, {controller} får mejla mig turer {rate}. {withdrawal}'],
                ]
            )
        )->madeOf(Digest::of('2')),
        static fn (): Statement => Statement::from(Document::from(House::VOYAGE_NEWS_WORDS))->madeOf(Digest::of('the same words, another edition')),
        static fn (): HouseRules => HouseRules::from(Document::from(['lapse-days' => mt_rand(8, 12)])),
        static fn (): HouseRules => HouseRules::from(Document::from(['four-eyes' => false])),
    ];
    for ($run = 0; $run < 300; $run++) {
        $after = $before;
        foreach (array_rand($changes, mt_rand(2, 4)) as $i) {
            if (mt_rand(0, 1) === 1) {
                $after = $after->with($changes[$i]());
            }
        }
        foreach ($sheets as $i => $document) {
            $now = $after->complete(SheetDraft::from(Document::from($document)));
            $same = formsOf($document, $before) === formsOf($document, $after) && $editions[$i]->sheet->rules == $now->rules;
            expect($editions[$i]->shows($now, $after->controller('tidewick-ferries')))->toBe($same);
        }
    }
});

test('what the library writes out, it reads back as unchanged, whatever the words are', function (): void {
    mt_srand(34);
    for ($run = 0; $run < 400; $run++) {
        $texts = [];
        foreach (Language::cases() as $language) {
            $text = trim((string) preg_replace('/[{}]/', '', oddText(mt_rand(1, 15))).' {controller}');
            if (mt_rand(0, 2) > 0) {
                $texts[$language->value] = $text;
            }
        }
        $statement = Statement::from(Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => $texts]));
        $rows = array_map(
            static fn (Language $l): LibraryText => new LibraryText('x', $l->value, $statement->texts->in($l)),
            Statement::from(Document::parse($statement->document()->json()))->texts->languages()
        );
        $library = Library::compare(ById::of([$statement], static fn (Statement $s) => $s->id), $rows);
        expect($library->faults())->toBe([])->and($library->changes())->toBe([])->and($library->missing)->toBe([]);
    }
});
