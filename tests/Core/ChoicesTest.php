<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;

/*
 * Boxes, choices, lists and what plays them, on forms that are in order but for these: which of them ask for consent, and how they stand beforehand.
 * Each fault has its lawful twin beside it in tests/Forms/choices.txt.
 */

/** @return array{string, list<string>} what a form is taken for, and what is found on it, with this before its button */
function foundWithChoice(string $language, string $form, string $choice): array
{
    [$name, $email, $message, $password, $address, $terms, $notice, $marks, $titles] = [
        'en' => ['Name', 'Email', 'Message', 'Password', 'Address', 'Terms', 'Privacy notice', 'All fields are required unless marked optional.', [
            'order' => ['Checkout', 'Pay now'], 'contact' => ['Contact us', 'Send'], 'account' => ['Create an account', 'Create account'],
            'newsletter' => ['Seal news', 'Subscribe'], 'other' => ['Register for the seal walk', 'Register'],
        ]],
        'de' => ['Name', 'E-Mail', 'Nachricht', 'Passwort', 'Anschrift', 'AGB', 'Datenschutz', 'Alle Angaben sind Pflicht, außer sie sind freiwillig.', [
            'order' => ['Kasse', 'Kaufen'], 'contact' => ['Kontakt', 'Senden'], 'account' => ['Konto anlegen', 'Konto anlegen'],
            'newsletter' => ['Robbenpost', 'Abonnieren'], 'other' => ['Anmeldung zur Robbenwanderung', 'Anmelden'],
        ]],
        'fr' => ['Nom', 'E-mail', 'Message', 'Mot de passe', 'Adresse', 'CGV', 'Confidentialité', 'Tout est obligatoire, sauf mention « facultatif ».', [
            'order' => ['Commande', 'Payer'], 'contact' => ['Contact', 'Envoyer'], 'account' => ['Créer un compte', 'Créer mon compte'],
            'newsletter' => ['Lettre des phoques', 'S’abonner'], 'other' => ['Inscription à la balade des phoques', 'S’inscrire'],
        ]],
    ][$language];
    [$title, $button] = $titles[$form];
    $fields = [
        'n' => "<label>$name <input name=n autocomplete=name required></label>",
        'e' => "<label>$email <input type=email name=e autocomplete=email required></label>",
        'm' => "<label>$message <textarea name=m required></textarea></label>",
        'p' => "<label>$password <input type=password name=w autocomplete=new-password required></label>",
        'a' => "<label>$address <input name=a autocomplete=street-address required></label>",
    ];
    $letters = ['order' => 'nea', 'contact' => 'nem', 'account' => 'ep', 'newsletter' => 'e', 'other' => 'ne'][$form];
    $lines = implode('', array_map(static fn (string $letter): string => $fields[$letter], str_split($letters)));
    $page = "<!doctype html><html lang=\"$language\"><head><title>$title</title></head><body><main><h1>$title</h1><form method=post action=/x><p>$marks</p>"
        ."$lines$choice<button>$button</button></form></main><footer>Genet Ltd, 1 Quay, Ashby <a href=/t>$terms</a> <a href=/p>$notice</a></footer></body></html>";
    $reading = HtmlReader::read($page, 'https://www.genet.example/')[0];
    $found = [];
    foreach (Requirements::judge($reading) as $result) {
        if ($result->verdict->isFinding() && ! in_array($result->requirement->id(), ['bots-kept-out', 'rate-said', 'withdrawal-said'], true)) {
            $found[] = $result->requirement->id();
        }
    }

    return [$reading->kind->value, array_values(array_unique($found))];
}

test('what asks for consent is told from what only asks, and how it stands beforehand is seen', function (string $form): void {
    $lines = file(dirname(__DIR__).'/Forms/choices.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    $of = array_filter($lines, static fn (string $line): bool => $line[0] !== '#' && explode('|', $line)[1] === $form);
    expect($of)->not->toBe([]);
    foreach ($of as $line) {
        [$language, , $expected, $choice] = explode('|', $line, 4);
        expect(foundWithChoice($language, $form, $choice))->toBe([$form, array_values(array_filter(explode(' ', $expected)))], $line);
    }
})->with(['order', 'contact', 'account', 'newsletter', 'other']);

test('a field has its reason in its label, beside it, in a tip or in a sentence elsewhere on the form, and without one it is found', function (): void {
    foreach (file(dirname(__DIR__).'/Forms/reasons.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if ($line[0] !== '#') {
            [$language, $form, $expected, $fields] = explode('|', $line, 4);
            expect(foundWithChoice($language, $form, $fields))->toBe([$form, array_values(array_filter(explode(' ', $expected)))], $line);
        }
    }
});
