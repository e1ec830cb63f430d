<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;

/* Who asks is named at the foot of a page, by whatever a house is called; words that stand at the foot of every page name nobody. */

/** @param  list<string>  $feet */
function unnamed(string $language, array $feet): array
{
    $verdict = static fn (string $foot): string => Requirements::find('controller-named')?->judge(HtmlReader::read(
        "<!doctype html><html lang=\"$language\"><head><title>Newsletter</title></head><body><h1>Newsletter</h1><form method=\"post\" action=\"/w\">"
        ."<label>E-mail <input type=\"email\" name=\"e\"></label><button>OK</button></form><footer>$foot <a href=\"/p\">Privacy</a></footer></body></html>"
    )[0])[0]->verdict->value ?? '';

    return array_values(array_filter($feet, static fn (string $foot): bool => $verdict($foot) === 'breach'));
}

test('a house is known by its legal form, its trade, its office or who founded it', function (string $language, string $names): void {
    expect(unnamed($language, explode('; ', $names)))->toBe([]);
})->with([
    ['en', 'Otter & Sons; The Otter Company; Otter Media Group Limited; a trading name of Otter Retail Ltd; Otter PLC; Otter (UK) Ltd; Otter, Inc.; Otter Pty Ltd'],
    ['en', '© Otter Books; The Harbour Theatre; St Mary’s Church; Friends of the Otter; Otter GP Surgery; Otter Farm, prop. Ada Reed; Ada Reed Photography'],
    ['de', 'Otter e.U.; Otter GmbH & Co. KG; Otter PartG mbB; Otter Verlag; Gasthaus Otter, Familie Milan; Weingut Otter; Dr. med. Ute Otter; Bäckerei Otter'],
    ['de', 'Ute Otter, Am Markt 3, 12345 Moosdorf; Stadt Moosdorf; Freiwillige Feuerwehr Moosdorf; Kirchengemeinde St. Peter; Realschule am Deich'],
    ['fr', 'Otter Sàrl; Otter SRL; Éditions Otter; Coopérative Otter; Comité de Digue; Office de tourisme de Digue; Département du Phare; Boulangerie Otter'],
    ['sv', 'Utter ek. för.; Utter Ekonomisk förening; Utter Aktiebolag; Svenska Utterförbundet; Lomviks pastorat; Lomviks teater; Region Lomvik; Lomviks kommun'],
    ['da', 'Odder IVS; Odder Forening; Odder Kirke; Dansk Odderforbund; Havnens Løbeforening; Odder v/Lise Holm; Region Odder; Odder Bageri'],
]);

test('what stands at the foot of every page names nobody', function (string $language, string $words): void {
    $feet = explode('; ', $words);
    expect(unnamed($language, $feet))->toBe($feet);
})->with([
    ['en', 'About Our Company; Contact us; Your Church; Our Farm; Made with care; All rights reserved; Follow us; Imprint'],
    ['de', 'Hotel Angebote; Unser Hotel Team; Der Verlag; Über uns; Impressum; Alle Rechte vorbehalten'],
    ['fr', 'Mentions légales; Notre restaurant; Tous droits réservés; La maison; À propos'],
    ['sv', 'Om oss; Kontakt; Vår teater'], ['da', 'Om os; Kontakt; Vores kro'],
]);
