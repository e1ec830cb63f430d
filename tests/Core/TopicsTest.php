<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;

/* Of what a letter is to speak, chosen by boxes on the form for it: each is agreed to by its own tick, and says what comes. */

/**
 * @param  list<string>  $answers
 * @return list<string> what is found of a form for a letter that says how often it comes and how it ends, with boxes below a question
 */
function foundWithBoxes(string $language, string $question, array $answers, bool $ticked, string $comes = ''): array
{
    [$letter, $email, $send, $ends, $notice] = [
        'en' => ['Our newsletter', 'Email', 'Subscribe', 'Once a month. Unsubscribe at any time.', 'Privacy notice'],
        'de' => ['Unser Newsletter', 'E-Mail', 'Abonnieren', 'Einmal im Monat. Abmelden jederzeit.', 'Datenschutz'],
        'fr' => ['Notre newsletter', 'E-mail', 'S’abonner', 'Une fois par mois. Désinscription à tout moment.', 'Confidentialité'],
        'sv' => ['Vårt nyhetsbrev', 'E-post', 'Prenumerera', 'En gång i månaden. Avsluta när du vill.', 'Integritetspolicy'],
        'da' => ['Vores nyhedsbrev', 'E-mail', 'Abonner', 'En gang om måneden. Afmeld når som helst.', 'Privatlivspolitik'],
    ][$language];
    $tick = $ticked ? ' checked' : '';
    $boxes = implode('', array_map(static fn (string $answer): string => "<label><input type=checkbox name=t[]$tick> $answer</label>", $answers));
    $html = "<!doctype html><html lang=$language><head><title>$letter</title></head><body><h1>$letter</h1><p>$comes $ends</p><form method=post action=/x>"
        ."<label>$email <input type=email name=e autocomplete=email required></label>"
        .($question === '' ? $boxes : "<fieldset><legend>$question</legend>$boxes</fieldset>")
        ."<button>$send</button></form><footer>Tidewick Ferries Ltd, Lantern Quay 3 <a href=/p>$notice</a></footer></body></html>";
    $found = [];
    foreach (Requirements::judge(HtmlReader::read($html, 'https://www.tidewick.example/')[0]) as $result) {
        if ($result->verdict->isFinding() && $result->requirement->id() !== 'bots-kept-out') {
            $found[] = $result->requirement->id();
        }
    }

    return array_values(array_unique($found));
}

test('a topic that is ticked beforehand is a yes that nobody gave; one that is empty says what comes', function (string $language, array $questions): void {
    $topics = [
        'en' => ['Seals', 'Lighthouses'], 'de' => ['Robben', 'Leuchttürme'], 'fr' => ['Phoques', 'Phares'], 'sv' => ['Sälar', 'Fyrar'],
        'da' => ['Sæler', 'Fyr'],
    ][$language];
    foreach ($questions as $question) {
        expect(foundWithBoxes($language, $question, $topics, true))->toBe(['no-preset-answer'], "$language: $question")
            ->and(foundWithBoxes($language, $question, $topics, false))->toBe([], "$language: $question");
    }
})->with([
    ['en', ['Which would you like?', 'Topics', 'Choose your topics', 'I am interested in:', 'Your interests', 'Tell us what you like', '']],
    ['de', [
        'Was möchten Sie?', 'Themen', 'Wählen Sie Ihre Themen', 'Ich interessiere mich für:', 'Was interessiert Sie?', 'Worüber sollen wir schreiben?', '',
    ]],
    ['fr', ['Que souhaitez-vous recevoir ?', 'Thèmes', 'Je m’intéresse à :', 'Qu’est-ce qui vous intéresse ?', 'Vos centres d’intérêt', '']],
    ['sv', ['Vad vill du ha?', 'Ämnen', 'Jag är intresserad av:', 'Vad vill du läsa om?', 'Dina intressen', '']],
    ['da', ['Hvad vil du have?', 'Emner', 'Jeg er interesseret i:', 'Hvad interesserer dig?', 'Dine interesser', '']],
]);

test('who somebody is, how often, in what language and whence they come is no topic', function (string $language, string $comes, array $asked): void {
    foreach ($asked as $question => $answers) {
        expect(foundWithBoxes($language, $question, $answers, true, $comes))->toBe([], "$language: $question");
    }
})->with([
    ['en', 'Seals and lighthouses.', [
        'How often?' => ['Weekly'], 'I am a:' => ['Teacher'], 'Language' => ['English'], 'Format' => ['HTML'], 'How did you hear about us?' => ['Friends'],
        'Title' => ['Mr'], 'Are you a member?' => ['Member'], 'Your region' => ['North'],
    ]],
    ['de', 'Robben und Leuchttürme.', [
        'Wie oft?' => ['Wöchentlich'], 'Ich bin' => ['Lehrkraft'], 'Sprache' => ['Deutsch'], 'Wie haben Sie von uns erfahren?' => ['Freunde'],
        'Anrede' => ['Frau'],
    ]],
    ['fr', 'Phoques et phares.', [
        'À quel rythme ?' => ['Chaque semaine'], 'Je suis' => ['Enseignant'], 'Langue' => ['Français'], 'Comment nous avez-vous connus ?' => ['Amis'],
    ]],
    ['sv', 'Sälar och fyrar.', ['Hur ofta?' => ['Varje vecka'], 'Jag är' => ['Lärare'], 'Språk' => ['Svenska']]],
    ['da', 'Sæler og fyrtårne.', ['Hvor ofte?' => ['Hver uge'], 'Jeg er' => ['Lærer'], 'Sprog' => ['Dansk']]],
]);

test('what a team, a boat or a school is called is nobody\'s own name, and browsers fill nothing in there', function (string $language, array $labels): void {
    foreach ($labels as $label => $own) {
        $html = "<!doctype html><html lang=$language><body><form method=post><label>$label <input name=x required></label>"
            .'<label>Email <input type=email autocomplete=email required></label><button>OK</button></form></body></html>';
        $found = array_filter(
            Requirements::judge(HtmlReader::read($html)[0]), static fn ($r): bool => $r->requirement->id() === 'fill-help' && $r->verdict->isFinding()
        );
        expect($found !== [])->toBe($own, $label);
    }
})->with([
    ['en', ['Your name' => true, 'Team name' => false, 'Name of your boat' => false, 'Choir name' => false]],
    ['de', ['Ihr Name' => true, 'Name des Teams' => false, 'Name der Schule' => false]],
    ['fr', ['Votre nom' => true, 'Nom du bateau' => false, 'Nom de l’équipe' => false]],
    ['sv', ['Ditt namn' => true, 'Lagets namn' => false]],
    ['da', ['Dit navn' => true, 'Holdets navn' => false]],
]);

test('what must be ticked is no topic', function (): void {
    $page = '<!doctype html><html lang=en><body><h1>Seal letter</h1><form method=post><label>Email <input type=email></label>'
        .'<label><input type=checkbox REQUIRED> Seals</label><button>Subscribe</button></form></body></html>';
    expect(HtmlReader::read(str_replace('REQUIRED', '', $page))[0]->consents())->toHaveCount(1)
        ->and(HtmlReader::read(str_replace('REQUIRED', 'required', $page))[0]->consents())->toBe([]);
});
