<?php

declare(strict_types=1);

use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;
use Juramen\Register\Language;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Words\LanguageFiles;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sections;
use Juramen\Wording\Words\Vocabulary;
use Juramen\Wording\Words\WordClass;
use Tests\Core\Corpus;

/** @return array<string, Verdict> what is found on a text alone, by requirement: the graver where there are two */
function wordsJudged(string $text, Language $language): array
{
    $found = [];
    foreach (Requirements::judge(Reading::ofWords($text, $language)) as $result) {
        $id = $result->requirement->id();
        if ($result->verdict->isFinding() && (! isset($found[$id]) || $result->verdict->urgency() < $found[$id]->urgency())) {
            $found[$id] = $result->verdict;
        }
    }

    return $found;
}

/** Points of a set: faults found, asked about and missed, sound points quiet, accused and asked about. @return array<string, int> */
function pointsOf(string $set, Language $language): array
{
    $judged = array_filter(Requirements::all(), static fn (Requirement $r): bool => $r->reach()->covers(ReadingOf::Words));
    $points = ['found' => 0, 'asked' => 0, 'missed' => 0, 'quiet' => 0, 'accused' => 0, 'doubted' => 0];
    foreach (Corpus::of($set, $language) as $statement) {
        $found = wordsJudged($statement->text, $language);
        foreach ($judged as $requirement) {
            $id = $requirement->id();
            $verdict = $found[$id] ?? null;
            if (in_array($id, $statement->misses, true)) {
                $points[$verdict === null ? 'missed' : ($verdict === Verdict::Open ? 'asked' : 'found')]++;
            } elseif ($statement->either !== null && ! in_array($id, $statement->either, true)) {
                $points[$verdict === null ? 'quiet' : ($verdict === Verdict::Open ? 'doubted' : 'accused')]++;
            }
        }
    }

    return $points;
}

test('statements of many manners are judged as their authors wrote down beforehand', function (string $set, float $found, float $accused, float $doubted): void {
    foreach (Language::cases() as $language) {
        $points = pointsOf($set, $language);
        $faults = $points['found'] + $points['asked'] + $points['missed'];
        $sound = max(1, $points['quiet'] + $points['accused'] + $points['doubted']);
        expect(($points['found'] + $points['asked']) / $faults)->toBeGreaterThanOrEqual($found, "$set, $language->value, faults found")
            ->and($points['accused'] / $sound)->toBeLessThanOrEqual($accused, "$set, $language->value, sound points accused")
            ->and($points['doubted'] / $sound)->toBeLessThanOrEqual($doubted, "$set, $language->value, sound points asked about");
    }
})->with([
    'open' => ['open', 0.97, 0.02, 0.05], 'earlier' => ['earlier', 0.97, 0.02, 0.05], 'tried' => ['tried', 0.97, 0.02, 0.05],
    'closed, after its first run' => ['closed', 0.97, 0.02, 0.05], 'second, after its first run' => ['second', 0.94, 0.02, 0.05],
    'third, after its first run' => ['third', 0.97, 0.02, 0.05], 'fourth, after its first run' => ['fourth', 0.94, 0.02, 0.05],
]);

test('there are at least 300 statements, sound and faulty in about equal parts', function (): void {
    [$sound, $all] = [0, 0];
    foreach (['open', 'closed', 'earlier'] as $set) {
        foreach (Language::cases() as $language) {
            $statements = Corpus::of($set, $language);
            $all += count($statements);
            $sound += count(array_filter($statements, static fn (Corpus $s): bool => $s->misses === []));
        }
    }
    expect($all)->toBeGreaterThan(400)->and($sound / $all)->toBeGreaterThan(0.4)->toBeLessThan(0.6);
});

test('a sentence means what is written beside it, and one that only looks like it does not', function (Language $language): void {
    $sections = LanguageFiles::sentences($language);
    $wrong = [];
    foreach ($sections->names() as $name) {
        $counts = ['+' => 0, '-' => 0];
        foreach ($sections->lines($name) as $line) {
            $counts[$line[0]]++;
            if (Understanding::of(trim(substr($line, 1)), $language)->has(Meaning::from($name)) !== ($line[0] === '+')) {
                $wrong[] = "$name $line";
            }
        }
        expect(min($counts))->toBeGreaterThanOrEqual(4, "$language->value $name");
    }
    expect($wrong)->toBe([])->and(count($sections->names()))->toBeGreaterThanOrEqual(23);
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));

test('what a language is made of can be read: no entry is longer than a line, and each stands under a class', function (Language $language): void {
    $sections = LanguageFiles::words($language);
    $others = ['endings', 'elided', 'nouns', 'short-nouns', 'plain', 'doubled', 'phrases', 'calendar'];
    $unknown = array_filter($sections->names(), static fn (string $n): bool => WordClass::tryFrom($n) === null && ! in_array($n, $others, true));
    $missing = array_filter(WordClass::cases(), static fn (WordClass $c): bool => $sections->lines($c->value) === []);
    $lines = array_merge(...array_map($sections->lines(...), $sections->names()));
    $long = array_filter($lines, static fn (string $line): bool => mb_strlen($line) > 120);
    expect(array_values($unknown))->toBe([])->and(array_map(static fn (WordClass $c): string => $c->value, array_values($missing)))->toBe([])
        ->and(array_values($long))->toBe([]);
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));

test('words are read where letters of their language are missing, and are no others for it', function (string $language, string $text, Meaning ...$means): void {
    $understood = Understanding::of($text, Language::from($language));
    foreach (Meaning::cases() as $meaning) {
        if (in_array($meaning, [Meaning::CanEnd, Meaning::NeverEnds, Meaning::AsksForNo, Meaning::RateGiven, Meaning::PurposeNamed], true)) {
            expect($understood->has($meaning))->toBe(in_array($meaning, $means, true), "$text: $meaning->value");
        }
    }
})->with([
    ['fr', 'Vous pouvez vous desinscrire a tout moment.', Meaning::CanEnd], ['fr', 'VOUS POUVEZ VOUS DESABONNER A TOUT MOMENT.', Meaning::CanEnd],
    ['de', 'Die Abmeldung ist jederzeit moeglich.', Meaning::CanEnd], ['da', 'Du kan afmelde dig, naar du vil.', Meaning::CanEnd],
    ['de', 'Ich moechte keine Angebote fuer Tee per E-Mail.', Meaning::AsksForNo, Meaning::PurposeNamed],
    // "Des" is not "dès", and books ("livres") are nothing that was delivered ("livrés").
    ['fr', 'Je veux recevoir des livres par e-mail.', Meaning::PurposeNamed],
]);

test('a sixth language is a folder of files', function (): void {
    $dutch = Vocabulary::parse(LanguageFiles::in(dirname(__DIR__).'/Fixtures/nl'));
    $means = static fn (string $text, Meaning $meaning): bool => Understanding::read(Passage::read($text, $dutch))->has($meaning);
    expect($means('Tidewick Ferries mag mij maandelijks nieuwe overtochten mailen.', Meaning::PurposeNamed))->toBeTrue()
        ->and($means('Tidewick Ferries mag mij maandelijks nieuwe overtochten mailen.', Meaning::RateGiven))->toBeTrue()
        ->and($means('Stuur mij de nieuwsbrief.', Meaning::PurposeNamed))->toBeFalse()
        ->and($means('Ik kan mijn toestemming op elk moment intrekken.', Meaning::CanEnd))->toBeTrue()
        ->and($means('Kruis hier aan als u geen aanbiedingen wilt ontvangen.', Meaning::AsksForNo))->toBeTrue()
        ->and($means('Kruis hier aan als u de aanbiedingen wilt ontvangen.', Meaning::AsksForNo))->toBeFalse()
        ->and($means('Door te bestellen gaat u akkoord met onze aanbiedingen.', Meaning::TakenFromAct))->toBeTrue()
        ->and($means('Door aan te kruisen ga ik akkoord met de aanbiedingen.', Meaning::TakenFromAct))->toBeFalse();
});

test('an entry that cannot be read is refused with what is wrong', function (string $lines, string $says): void {
    expect(fn () => Vocabulary::parse(Sections::parse([$lines])))->toThrow(InvalidArgumentException::class, $says);
})->with([
    ["send\n", 'needs a section'], ["[sends]\n... to\n", 'only between two'], ["[sends]\nsend ...\n", 'only between two'], ["[sends]\n=\n", 'no letters'],
]);

test('words are read however they are written, and shown as they stand', function (string $text): void {
    $sense = Understanding::of($text, Language::English)->first(Meaning::CanEnd);
    expect($sense)->not->toBeNull()->and(mb_substr($text, $sense->words->from, $sense->words->to - $sense->words->from))->toBe($sense->words->words)
        ->and(Understanding::of($text, Language::English)->has(Meaning::ByChannel))->toBeTrue();
})->with([
    'all capitals' => ['YES, EMAIL ME NEW SAILINGS. I CAN UNSUBSCRIBE AT ANY TIME.'],
    'soft hyphens' => ["Yes, e\u{AD}mail me new sailings. I can un\u{AD}sub\u{AD}scribe at any time."],
    'characters of no width' => ["Yes, em\u{200B}ail me new sailings. I can unsub\u{200D}scribe at any\u{FEFF} time."],
    'look-alike letters' => ['Yes, еmаil me new sailings. I can unsubsсribe at any time.'],
    'wide and joined letters' => ["Yes, \u{FF45}\u{FF4D}\u{FF41}\u{FF49}\u{FF4C} me new sailings at ports with \u{FB01}sh. I can unsubscribe at any time."],
    'marks of direction' => ["\u{202B}Yes, email me new sailings.\u{202C} I can unsubscribe\u{200F} at any time."],
    'pasted tags' => ['<p>Yes, <b>email me</b> new sailings.</p>&nbsp;<br>I can <a href="/out">unsubscribe</a> at any time.'],
    'an emoji for a word' => ['Yes, new sailings by 📧. I can unsubscribe at any time.'],
    'letters and marks apart' => ["Yes, email me new sailings at the cafe\u{301}. I can unsubscribe at any time."],
    'without an end' => ['Yes, '.str_repeat('email me new sailings and ', 200).'I can unsubscribe at any time'],
]);

test('what is in no language of ours is told apart', function (string $text): void {
    expect(LanguageGuess::of($text))->toBeNull();
})->with([
    'Polish' => ['Wyrażam zgodę na otrzymywanie informacji o nowych rejsach i mogę ją wycofać w każdej chwili'],
    'no spaces' => ['IagreethatTidewickmayemailmenewsailingsonceamonth'], 'emoji' => ['🚢📧✅🎉'], 'Greek' => ['Συμφωνώ να λαμβάνω νέα για τα δρομολόγια'],
]);

test('twice the text takes twice the time, and twenty thousand characters little', function (): void {
    $words = implode(' ', array_map(static fn (Corpus $s): string => $s->text, Corpus::of('open', Language::English)));
    $time = static function (int $characters) use ($words): float {
        $best = INF;
        for ($run = 0; $run < 4; $run++) {
            // Sentences of their own in each run, so that none is remembered.
            $text = mb_substr((string) preg_replace_callback('~\. ~', static fn (): string => ' '.mt_rand().'. ', str_repeat("$words ", 6)), 0, $characters);
            $best = min($best, spent(static function () use ($text): void {
                $understood = Understanding::read(Passage::read($text, Vocabulary::of(Language::English)));
                array_map($understood->has(...), Meaning::cases());
            }));
        }

        return $best;
    };
    $time(5_000);
    [$half, $whole] = [$time(20_000), $time(40_000)];
    // 50 ms at rest; a busy machine's processor is slower too. Twice the text took four times where all was compared with all.
    expect($half)->toBeLessThan(250.0)->and($whole / $half)->toBeLessThan(3.2);
});
