<?php

declare(strict_types=1);

use Juramen\Register\Language;
use Juramen\Wording\ReadingEase;
use Juramen\Wording\Syllables;

/** @return list<string> a hundred English texts of our own, put together from sentences of different kinds */
function englishTexts(): array
{
    $sentences = [
        'Yes, Tidewick Ferries may email me its new sailings and fares once a month.', 'I can withdraw this at any time with the link in every email.',
        'We will never pass your address to anybody else.', 'The ferry leaves at nine.', 'Bring a warm coat, for the wind on deck is cold.',
        'Notwithstanding the foregoing, the undersigned acknowledges the irrevocability of the aforementioned authorisation.',
        'Please tell us your telephone number so that we can warn you if a crossing is cancelled.',
        'The privacy notice explains how long we keep what you give us.',
        'You get one letter a year.', 'Our partners are Quay Chandlers, who sell rope, and Woolpack, who sell wool.',
        'Passengers travelling with bicycles should arrive twenty minutes before departure.', 'The harbour office opens daily except on public holidays.',
        'Withdrawing costs nothing and needs no reason.', 'Identification documents are indispensable for international itineraries.',
        'We measure whether you open our mails, because it helps us to write better ones.',
        'Children under twelve travel free.', 'If you do not press the button, we delete your address after seven days.',
        'Communications may include promotional information regarding affiliated organisations.',
        'The island has forty miles of footpaths and not a single traffic light.', 'Ask at the kiosk for a map.',
    ];
    mt_srand(1948);

    return array_map(
        static fn (): string => implode(' ', array_map(static fn (): string => $sentences[mt_rand(0, count($sentences) - 1)], range(1, mt_rand(2, 7)))),
        range(1, 100)
    );
}

/*
 * The npm packages flesch (the formula) and syllable (the count) on the same words and sentences. The formula must agree
 * to the last digit. Counts by spelling disagree about single words ("else" and "prove" have two syllables there, one
 * by ear), and these texts have some ten words to a sentence; so within a text one syllable a sentence may differ, and the
 * ease by what that weighs. Over all hundred together the counts may differ by 2 %.
 */
test('a hundred English texts read as easily as the npm packages say', function (): void {
    $texts = englishTexts();
    $ours = array_map(static fn (string $t): ReadingEase => ReadingEase::of($t, Language::English), $texts);
    $input = array_map(
        static fn (string $t): array => [
            'words' => preg_match_all("/\p{L}[\p{L}'’-]*/u", $t, $m) ? $m[0] : [], 'sentences' => count(ReadingEase::sentences($t)),
        ],
        $texts
    );
    file_put_contents($file = tempnam(sys_get_temp_dir(), 'ease'), json_encode($input));
    exec('node '.escapeshellarg(__DIR__.'/flesch.mjs').' '.escapeshellarg($file).' 2>&1', $out, $code);
    unlink($file);
    expect($code)->toBe(0);
    $theirs = json_decode(implode('', $out), true);
    [$sum, $theirSum] = [0, 0];
    foreach ($ours as $i => $ease) {
        expect(ReadingEase::formula(Language::English, $ease->sentences, $ease->words, $theirs[$i]['syllables']))->toEqualWithDelta($theirs[$i]['ease'], 1e-9)
            ->and(abs($ease->syllables - $theirs[$i]['syllables']))->toBeLessThanOrEqual($ease->sentences, $texts[$i])
            ->and(abs($ease->score - $theirs[$i]['ease']))->toBeLessThan(84.6 * $ease->sentences / $ease->words + 1e-9, $texts[$i]);
        $sum += $ease->syllables;
        $theirSum += $theirs[$i]['syllables'];
    }
    expect(abs($sum - $theirSum) / $theirSum)->toBeLessThan(.02);
});

// Worked by hand from the published formulas (from memory): 2 sentences, 20 words, 30 syllables.
test('the formulas on worked values', function (Language $language, float $score): void {
    expect(ReadingEase::formula($language, 2, 20, 30))->toEqualWithDelta($score, 1e-9)->and(ReadingEase::formula($language, 0, 0, 0))->toBe(100.0);
})->with([
    [Language::English, 206.835 - 10.15 - 126.9], [Language::German, 180 - 10 - 87.75], [Language::French, 207 - 10.15 - 110.4],
]);

// Counted by ear (common practice).
test('syllables of German and French words', function (Language $language, string $words): void {
    foreach (explode(' ', $words) as $pair) {
        [$word, $count] = explode(':', $pair);
        expect(Syllables::of($word, $language))->toBe((int) $count, $word);
    }
})->with([
    [
        Language::German,
        'Fahrt:1 Fahrten:2 Einwilligung:4 widerrufen:4 Preise:2 neue:2 jederzeit:3 Schiff:1 Häfen:2 Quelle:2 Meer:1 Fähre:2 Anmeldung:3 Theater:3 Bauernhof:3 Zoo:1',
    ],
    [Language::French, 'tarif:2 tarifs:2 île:1 traversée:3 horaire:2 bateau:2 envoyer:3 moment:2 question:2 peuvent:1 lettre:1 bonjour:2 retirer:3'],
]);

test('a sentence ends where it ends, and the hardest is named', function (): void {
    $text = 'The ferry leaves at 9.30 a.m. from quay 3. Ask Mr. Brodie. Notwithstanding the foregoing, the undersigned acknowledges the irrevocability of the aforementioned authorisation!';
    $ease = ReadingEase::of($text, Language::English);
    expect($ease->sentences)->toBe(3)->and($ease->hardest)->toStartWith('Notwithstanding')->and($ease->longest)->toBe(12)
        ->and(ReadingEase::of('The ferry leaves at nine.', Language::English)->score)->toBeGreaterThan($ease->score)
        ->and(ReadingEase::of('', Language::German)->words)->toBe(0)->and(ReadingEase::of("🚢 … !?\n\n—", Language::French)->sentences)->toBe(0);
});

/* Björnsson, Läsbarhet, 1968: words to a sentence, plus words of more than six letters in percent. From memory; worked by hand. */
test('LIX on worked values, in Swedish and Danish', function (string $language, string $text, int $sentences, int $words, int $long, float $lix): void {
    $ease = ReadingEase::of($text, Language::from($language));
    expect([$ease->sentences, $ease->words])->toBe([$sentences, $words])->and($ease->score)->toEqualWithDelta($lix, 0.01)
        ->and(ReadingEase::lix($sentences, $words, $long))->toEqualWithDelta($lix, 0.01);
})->with([
    ['sv', 'Båten går klockan nio. Ta med en varm jacka.', 2, 9, 1, 4.5 + 100 / 9],
    ['sv', 'Samtycket återkallas genom skriftlig underrättelse till personuppgiftsansvarig.', 1, 7, 5, 7 + 500 / 7],
    ['da', 'Færgen sejler hver morgen. Vi skriver til dig én gang om måneden.', 2, 12, 2, 6 + 200 / 12],
    ['da', '', 0, 0, 0, 0.0],
]);

test('officialese is hard by every formula, and plain words are not', function (string $language, string $plain, string $hard): void {
    expect(ReadingEase::of($plain, Language::from($language))->isHard())->toBeFalse()->and(ReadingEase::of($hard, Language::from($language))->isHard())
        ->toBeTrue();
})->with([
    [
        'en', 'Yes, write to me once a month. I can stop at any time.',
        'Notwithstanding aforementioned authorisations, irrevocability considerations necessitate organisational determination.',
    ],
    [
        'de', 'Ja, schreiben Sie mir einmal im Monat.',
        'Einwilligungserklärungen unterliegen datenschutzrechtlichen Zulässigkeitsvoraussetzungen gemäß Verarbeitungsgrundsätzen.',
    ],
    [
        'fr', 'Oui, écrivez-moi une fois par mois.',
        'Nonobstant les dispositions susmentionnées, l’irrévocabilité des autorisations nécessite une détermination organisationnelle.',
    ],
    ['sv', 'Ja, skriv till mig en gång i månaden.', 'Samtycket återkallas genom skriftlig underrättelse till personuppgiftsansvarig myndighetsföreträdare.'],
    ['da', 'Ja, skriv til mig en gang om måneden.', 'Samtykkeerklæringen tilbagekaldes gennem skriftlig underretning vedrørende personoplysningsbehandlingen.'],
]);

test('a short word ends a sentence, a title or a single letter does not', function (): void {
    expect(
        ReadingEase::sentences('I get it. You too. Dr. Rask and Mr. Mohr, z. B. heute, came. "Never." Yes!')
    )->toBe(['I get it.', 'You too.', 'Dr. Rask and Mr. Mohr, z. B. heute, came.', 'Never.', 'Yes!']);
});
