<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/*
 * Forms that a reader of the law found to be judged wrongly, with the verdict that is right. They wait for words to be read by what they do
 * (patterns are not widened for them one by one). Each must still be judged wrongly here: whoever mends one is told so, and moves it to the
 * others.
 */
/** A part of a page with an order, whose box asks for a no. */
const ORDER = '<form method="post" action="/order"><label>Email <input type="email" name="email" required></label>'
    .'<label><input type="checkbox" name="no"> No offers, please</label><button>Place the order</button></form>';

test('what is known to be judged wrongly, until it is not', function (string $html, string $requirement, string $right): void {
    $results = Requirements::judge(HtmlReader::read($html, 'https://shop.example/')[0]);
    $about = array_filter($results, static fn (Result $r): bool => $r->requirement->id() === $requirement);
    $given = array_map(static fn (Result $r): string => $r->verdict->value, $about);
    // It is judged at all, once, and otherwise than it should be.
    expect($given)->toHaveCount(1)
        ->and(array_values($given))->not->toBe([Verdict::from($right)->value], 'This one is right by now: move it to the forms that must be.');
})->with(function (): array {
    $newsletter = static fn (string $language, string $asks, string $send, string $foot): string => "<html lang=\"$language\"><body><form method=\"post\" "
        ."action=\"/news\"><label>Email <input type=\"email\" name=\"email\" required></label><label><input type=\"checkbox\" name=\"ok\"> $asks</label>"
        ."<button>$send</button></form><footer>$foot</footer></body></html>";

    return [
        'a right to return goods, in German' => [$newsletter(
            'de', 'Ja, die Tidewick Ferries darf mir einmal im Monat neue Fahrten per E-Mail schicken.', 'Anmelden', '<a href="/w">Widerrufsbelehrung</a>'
        ), 'withdrawal-said', 'breach'],
        'a right to return goods, in Danish' => [$newsletter(
            'da', 'Ja, Tidewick Ferries må sende mig nye afgange på e-mail en gang om måneden.', 'Tilmeld', '<a href="/f">Fortrydelsesret</a>'
        ), 'withdrawal-said', 'breach'],
        'collecting in a shop, in French' => [$newsletter(
            'fr', 'Oui, Tidewick Ferries peut m’envoyer ses nouvelles lignes par e-mail une fois par mois.', 'S’inscrire', 'Retrait en magasin'
        ), 'withdrawal-said', 'breach'],
        'at any time, of something else, in Swedish' => [$newsletter(
            'sv', 'Ja, Tidewick Ferries får mejla mig nya turer en gång i månaden.', 'Anmäl mig', 'Ring oss när som helst.'
        ), 'withdrawal-said', 'breach'],
        'an order in a fragment need not say that the goods are similar' => [ORDER, 'existing-customer', 'open'],
        'nor, in a fragment, how one objects' => [ORDER, 'objection-highlighted', 'open'],
    ];
});
