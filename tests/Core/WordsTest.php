<?php

declare(strict_types=1);

use Juramen\Register\Language;
use Juramen\Wording\Words\Clause;
use Juramen\Wording\Words\Clues;
use Juramen\Wording\Words\Entry;
use Juramen\Wording\Words\Folded;
use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Kept;
use Juramen\Wording\Words\LanguageFiles;
use Juramen\Wording\Words\Offsets;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sections;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\Vocabulary;
use Juramen\Wording\Words\WordClass;
use Tests\Core\FoundForms;

beforeEach(fn () => mt_srand(20261127));

/** A text of random characters of one to four bytes. */
function jumble(int $characters): string
{
    $of = ['a', 'Z', ' ', '.', 'é', 'ß', '€', '…', '🚢', "\u{AD}", "\u{200B}", "e\u{301}", '“', 'ｅ'];

    return implode('', array_map(static fn (): string => $of[mt_rand(0, count($of) - 1)], range(1, $characters)));
}

/** The one sentence of a text, by words of its own. */
function sentenceOf(string $lines, string $text): Sentence
{
    return Passage::read($text, Vocabulary::parse(Sections::parse([$lines])))->sentences[0];
}

/** @return list<string> what was found, each class with its words */
function hitsOf(Sentence $sentence): array
{
    $words = static fn (Hit $h): string => implode(' ', array_map(static fn (int $i): string => $sentence->tokens[$i]->form, $h->tokens));
    $hits = array_map(static fn (Hit $h): string => "{$h->class->value}: {$words($h)}", $sentence->hits);
    sort($hits);

    return $hits;
}

test('bytes lead to characters and back, over every block', function (): void {
    foreach ([3, 255, 256, 257, 700] as $length) {
        $text = jumble($length);
        $offsets = Offsets::of($text);
        for ($i = 0, $n = mb_strlen($text); $i <= $n; $i += mt_rand(1, 9)) {
            $byte = strlen(mb_substr($text, 0, $i));
            expect($offsets->byte($i))->toBe($byte)->and($offsets->character($byte))->toBe($i);
        }
    }
});

test('what is told of texts is kept while there is room, and what is asked for stays longest', function (): void {
    $kept = new Kept(ArrayObject::class, 10, 8);
    $tell = static fn (string $text): ArrayObject => $kept->find('en', $text) ?? $kept->keep('en', $text, new ArrayObject([$text]));
    $often = $tell('often');
    expect($tell('often'))->toBe($often)->and($kept->find('de', 'often'))->toBeNull();
    foreach (range(1, 40) as $n) {
        $tell("text $n");
        expect($tell('often'))->toBe($often);
    }
    expect($kept->find('en', 'text 1'))->toBeNull()->and($kept->find('en', 'text 40'))->not->toBeNull();
    $tell('longer than it keeps');
    expect($kept->find('en', 'longer than it keeps'))->toBeNull();
});

test('whatever is folded leads back to what stood there, and folding twice folds no more', function (): void {
    for ($run = 0; $run < 60; $run++) {
        $text = jumble(mt_rand(1, 400));
        $folded = Folded::of($text);
        expect($folded->text)->toBe(Folded::plain($text))->and(Folded::plain($folded->text))->toBe($folded->text);
        $ends = array_values(array_filter(range(0, strlen($folded->text)), static fn (int $at): bool => (ord($folded->text[$at] ?? ' ') & 0xC0) !== 0x80));
        [$from, $to] = [$ends[mt_rand(0, count($ends) - 1)], $ends[mt_rand(0, count($ends) - 1)]];
        $found = $folded->found(min($from, $to), max($from, $to));
        expect(mb_substr($text, $found->from, $found->to - $found->from))->toBe($found->words);
        // The words by themselves fold to the stretch, but for what cannot be seen at its edges and a mark that stands alone.
        $stretch = substr($folded->text, min($from, $to), abs($to - $from));
        expect(str_contains(Folded::plain($found->words), $stretch) || str_contains($stretch, "\u{301}"))->toBeTrue("$text: $stretch");
    }
});

test('entries find what they say, and nothing else', function (string $entry, array $finds, array $leaves): void {
    $lines = "[endings]\ns\ned\ning\n[sends]\n$entry\n";
    foreach ($finds as $text) {
        expect(hitsOf(sentenceOf($lines, $text)))->not->toBe([], "$entry in $text");
    }
    foreach ($leaves as $text) {
        expect(hitsOf(sentenceOf($lines, $text)))->toBe([], "$entry in $text");
    }
})->with([
    'a word with its endings' => ['mail', ['we mail you', 'mails', 'mailing', 'MAILED'], ['blackmail', 'mailbox']],
    'exactly this' => ['=post', ['by post'], ['posts', 'posted']],
    'whatever begins so' => ['unsubscrib*', ['unsubscribe', 'unsubscribing'], ['subscribe']],
    'whatever ends so' => ['*brief', ['der Rundbrief', 'Rundbriefs'], ['Briefkasten', 'brief']],
    'whatever has it within' => ['*werb*', ['Fernwerbung', 'werben'], ['wer bin']],
    'either word' => ['say/says no', ['I say no', 'she says no'], ['say yes', 'no say']],
    'a gap' => ['turn ... off', ['turn it off', 'turn all of these loud things off'], ['off, turn', 'turn it, then off']],
    'a gap that is too wide' => ['turn ... off', [], ['turn a b c d e f g h i j k l m off']],
    'any number' => ['only 9 left', ['only 3 left', 'only 1200 left'], ['only few left']],
    'hyphens' => ['opt out', ['opt-out', 'opt out', "opt\u{2011}out"], ['optout']],
    'an ending behind a colon' => ['sms:a*', ['vi sms:ar dig', 'sms:a mig'], ['sms: ar du', 'sms:Anna', 'sms : ar']],
]);

test('words are looked up as one would who tries every entry at every word', function (Language $language): void {
    mt_srand(20261128);
    $vocabulary = Vocabulary::of($language);
    $sections = LanguageFiles::words($language);
    $elided = array_fill_keys($sections->lines('elided'), true);
    $entries = [];
    foreach (WordClass::cases() as $class) {
        foreach ($sections->lines($class->value) as $line) {
            $words = Entry::parse($line, $elided)->words;
            if (count($words) > 1 && ! in_array(null, $words, true)) {
                $entries[] = [$class, $words];
            }
        }
    }
    // Texts made of pieces of entries, so that many begin and few go on.
    for ($run = 0; $run < fullSize(60); $run++) {
        $pieces = array_map(static function () use ($entries): string {
            $words = $entries[mt_rand(0, count($entries) - 1)][1];
            $words = mt_rand(0, 2) === 0 ? array_slice($words, 0, 1) : $words;

            return implode(' ', array_map(static fn (?array $w): string => trim(strtr((string) ($w[0] ?? ''), ['9' => '4']), '=*'), $words));
        }, range(1, 6));
        $sentence = Passage::read(implode(' ', $pieces), $vocabulary)->sentences[0] ?? null;
        if ($sentence === null) {
            continue;
        }
        $fits = static fn (string $pattern, Token $token): bool => in_array(
            $pattern, ctype_digit($pattern) && $token->isNumber() ? [$pattern] : [$token->form, "=$token->form"], true
        );
        $missing = [];
        foreach ($entries as [$class, $words]) {
            for ($i = 0, $n = count($sentence->tokens) - count($words); $i <= $n; $i++) {
                $all = array_filter(array_keys($words), static fn (int $k): bool => ! array_filter(
                    $words[$k] ?? [], static fn (string $pattern): bool => $fits($pattern, $sentence->tokens[$i + $k])
                ));
                // What overlaps with a longer entry of its own class is told by that.
                $taken = static fn (Hit $h): bool => ($h->from <= $i && $h->to >= $i + count($words) && ($h->class->swallows()
                    || $class === WordClass::Not)) || ($h->class === $class && $h->from < $i + count($words) && $h->to > $i);
                if ($all === [] && array_filter($sentence->hits, $taken) === []) {
                    $missing[] = "{$class->value} at $i: ".implode(' ', array_map(static fn (Token $t): string => $t->form, $sentence->tokens));
                }
            }
        }
        expect($missing)->toBe([]);
    }
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));

test('where words of a class stand there are clues to them, whatever the text; without a clue none stands there', function (Language $language): void {
    $vocabulary = Vocabulary::of($language);
    $texts = array_merge(...array_map(
        static fn (string $section): array => LanguageFiles::sentences($language)->lines($section), LanguageFiles::sentences($language)->names()
    ));
    foreach (FoundForms::in(...FoundForms::ALL)->forms as $form) {
        $texts[] = html_entity_decode(strip_tags($form->html));
    }
    foreach ($texts as $text) {
        $plain = Clues::plain($text);
        $hits = array_merge(...array_map(static fn (Sentence $s): array => $s->hits, Passage::read($text, $vocabulary)->sentences));
        foreach (array_unique(array_map(static fn (Hit $h): string => $h->class->value, $hits)) as $class) {
            expect($vocabulary->cluesTo(WordClass::from($class))->areIn($plain))->toBeTrue("$class: $text");
        }
    }
    expect($vocabulary->cluesTo(WordClass::Withdraws, WordClass::Terms)->areIn(Clues::plain('1 + 1 = 2')))->toBeFalse();
})->with(Language::cases());

test('clues are found in what hides, joins or parts words', function (string $entry, string $text, bool $may): void {
    $vocabulary = Vocabulary::parse(Sections::parse(["[endings]\nies > y\n[ends]\n$entry"]));
    expect($vocabulary->cluesTo(WordClass::Ends)->areIn(Clues::plain($text)))->toBe($may)
        ->and($may || ! Passage::read($text, $vocabulary)->speaksOf(WordClass::Ends))->toBeTrue();
})->with([
    ['policy', 'Our POLICIES end.', true], ['policy', 'Our places end.', false], ['email', 'Send an E-Mail', true], ['stop', "s\u{AD}top it", true],
    ['stop', 'nonstop', false], ['*stop', 'nonstop', true], ['*stop*', 'nonstops', true], ['no ... longer', 'no', false],
    ['no ... longer', 'longer, no', true], ['leave/go away', 'leave it', false], ['leave/go away', 'far away we go', true], ['éteindre', 'Éteindre', true],
    ['end', 'l’end', true], ['end', '🚢end', true], ['end', '日本end', true], ['stop', "st\u{200B}op", true], ['end', 'the legend', false],
]);

test('a "not" reaches as far as its clause, and on where nobody new does anything', function (Language $language, string $text, array $negated): void {
    $sentence = Passage::read($text, Vocabulary::of($language))->sentences[0];
    $clauses = array_map(static fn (Clause $c): bool => $c->negated, $sentence->clauses);
    expect($clauses)->toBe($negated, implode(' | ', array_map(static fn (Clause $c): string => implode(' ', array_map(
        static fn (Token $t): string => $t->form, array_slice($sentence->tokens, $c->from, $c->to - $c->from)
    )), $sentence->clauses)));
})->with([
    [Language::English, 'We never sell, rent or lend your address.', [true, true, true]],
    [Language::English, 'We neither sell nor rent your address.', [true]],
    [Language::English, 'We never sell your address, and you can leave at any time.', [true, false]],
    [Language::English, 'If your crossing is not late, we write to you.', [true, false]],
    [Language::English, 'Nobody is not asked.', [false]],
    [Language::German, 'Wir geben nichts weiter, und Sie können jederzeit gehen.', [true, false]],
    [Language::German, 'Wir geben weder Namen noch Nummern weiter.', [true]],
    [Language::French, 'Nous ne donnons votre adresse à personne, et vous partez quand vous voulez.', [true, false]],
    [Language::French, 'Je ne veux ni pub ni mails.', [true]],
    [Language::Swedish, 'Vi lämnar aldrig ut din adress, och du kan sluta när du vill.', [true, false]],
    [Language::Danish, 'Vi giver aldrig din adresse videre, og du kan stoppe når du vil.', [true, false]],
]);
