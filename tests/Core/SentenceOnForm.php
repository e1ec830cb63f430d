<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;

/** A sentence on a form that is in order but for it, as a line: language, form, how the words stand there, what is found of them, the words. */
final readonly class SentenceOnForm
{
    private const LANGUAGES = ['en', 'de', 'fr', 'sv', 'da'];

    /** What is called by each language: fields, notice, who asks. */
    private const CALLED = [
        'n' => ['Name', 'Name', 'Nom', 'Namn', 'Navn'], 'e' => ['Email', 'E-Mail', 'E-mail', 'E-post', 'E-mail'],
        'm' => ['Message', 'Nachricht', 'Message', 'Meddelande', 'Besked'], 'a' => ['Address', 'Anschrift', 'Adresse', 'Adress', 'Adresse'],
        'p' => ['Password', 'Passwort', 'Mot de passe', 'Lösenord', 'Adgangskode'],
        'notice' => ['Privacy notice', 'Datenschutzerklärung', 'Politique de confidentialité', 'Integritetspolicy', 'Privatlivspolitik'],
        'asker' => ['Hollow Oak Ltd', 'Hohle Eiche GmbH', 'Chêne Creux SARL', 'Ihåliga Eken AB', 'Hule Eg ApS'],
        'marks' => [
            'All fields are required, the last box is not.', 'Alle Felder sind Pflichtfelder, das letzte Kästchen nicht.',
            'Tous les champs sont obligatoires, sauf la dernière case.', 'Alla fält är obligatoriska, men inte den sista rutan.',
            'Alle felter skal udfyldes, undtagen det sidste felt.',
        ],
    ];

    /** Of each form its fields, a letter each; its heading and button by language. */
    private const FORMS = [
        'newsletter' => ['e', ['Our newsletter', 'Unser Newsletter', 'Notre newsletter', 'Vårt nyhetsbrev', 'Vores nyhedsbrev'],
            ['Subscribe', 'Abonnieren', "S'abonner", 'Prenumerera', 'Tilmeld']],
        'contact' => ['nem', ['Contact us', 'Kontakt', 'Contact', 'Kontakta oss', 'Kontakt os'], ['Send', 'Absenden', 'Envoyer', 'Skicka', 'Send']],
        'order' => ['nea', ['Checkout', 'Kasse', 'Commande', 'Kassa', 'Kassen'], ['Buy now', 'Kaufen', 'Payer', 'Köp', 'Køb']],
        'account' => ['nep', ['Create an account', 'Konto anlegen', 'Créer un compte', 'Skapa konto', 'Opret konto'],
            ['Create account', 'Konto anlegen', 'Créer mon compte', 'Skapa konto', 'Opret konto']],
        'prize-draw' => ['ne', ['Win a hamper', 'Gewinnen Sie einen Korb', 'Gagnez un panier', 'Vinn en korg', 'Vind en kurv'],
            ['Enter the draw', 'Teilnehmen', 'Participer', 'Delta', 'Deltag']],
        'download' => ['ne', ['Download the guide', 'Leitfaden herunterladen', 'Télécharger le guide', 'Ladda ner guiden', 'Hent guiden'],
            ['Download', 'Herunterladen', 'Télécharger', 'Ladda ner', 'Hent']],
        'job-application' => ['nem', ['Apply for this job', 'Jetzt bewerben', 'Postuler', 'Sök jobbet', 'Søg jobbet'],
            ['Send application', 'Bewerbung senden', 'Envoyer ma candidature', 'Skicka ansökan', 'Send ansøgning']],
        'event' => [
            'ne', ['Register for the webinar', 'Anmeldung zum Webinar', 'Inscription au webinaire', 'Anmälan till webbinariet', 'Tilmelding til webinar'],
            ['Register', 'Anmelden', "S'inscrire", 'Anmäl mig', 'Tilmeld'],
        ],
    ];

    private const CONTROLS = [
        'n' => '<input name="n" autocomplete="name" required>', 'e' => '<input type="email" name="e" autocomplete="email" required>',
        'm' => '<textarea name="m" required></textarea>', 'a' => '<input name="a" autocomplete="street-address" required>',
        'p' => '<input type="password" name="p" autocomplete="new-password" required>',
    ];

    /** What the form itself, in order but for the words, leaves to them. */
    private const LEFT_TO_THEM = ['bots-kept-out', 'rate-said', 'withdrawal-said'];

    /** @param  list<string>  $expected */
    private function __construct(
        public string $line, private string $language, private string $form, private string $how, public array $expected, private string $words
    ) {}

    public static function from(string $line): self
    {
        [$language, $form, $how, $expected, $words] = explode('|', $line, 5);

        return new self($line, $language, $form, $how, $expected === 'clear' ? [] : explode(', ', $expected), $words);
    }

    public function page(): string
    {
        $called = fn (string $what): string => $this->in(self::CALLED[$what]);
        [$letters, $headings, $buttons] = self::FORMS[$this->form];
        $field = static fn (string $letter): string => "<label>{$called($letter)} ".self::CONTROLS[$letter].'</label>';
        $fields = implode('', array_map($field, str_split($letters)));
        $marks = $letters === 'e' && $this->how === 'line' ? '' : "<p>{$called('marks')}</p>";
        $box = static fn (string $state): string => "<label><input type=\"checkbox\" name=\"c\"$state> ";
        $words = match ($this->how) {
            'box' => $box('')."$this->words</label>", 'req' => $box(' required')."$this->words</label>", 'pre' => $box(' checked')."$this->words</label>",
            'line' => "<p>$this->words</p>", default => $this->words,
        };

        return "<!doctype html><html lang=\"$this->language\"><head><title>{$called('asker')}</title></head><body><h1>{$this->in($headings)}</h1>"
            ."<form method=\"post\" action=\"/f\">$marks$fields$words<button>{$this->in($buttons)}</button></form>"
            ."<footer>{$called('asker')} <a href=\"/privacy\">{$called('notice')}</a></footer></body></html>";
    }

    /** @return list<string> what was expected and is not so, or is found beside words that are clear */
    public function wrong(): array
    {
        $found = [];
        foreach (Requirements::judge(HtmlReader::read($this->page(), 'https://www.oak.example/')[0]) as $result) {
            $weight = match ($result->verdict) {
                Verdict::Breach => 3, Verdict::Weakness => 2, Verdict::Open => 1, default => 0
            };
            $id = $result->requirement->id();
            $found[$id] = max($found[$id] ?? 0, $weight);
        }
        if ($this->expected === []) {
            $accused = array_keys(array_filter($found, static fn (int $weight): bool => $weight > 1));

            return array_map(static fn (string $id): string => "$id is found", array_values(array_diff($accused, self::LEFT_TO_THEM)));
        }

        return array_values(array_filter($this->expected, static function (string $expected) use ($found): bool {
            [$verdict, $ids] = explode(' ', $expected);
            $worst = max(array_map(static fn (string $id): int => $found[$id] ?? 0, explode('/', $ids)));

            return $verdict === 'no' ? $worst > 0 : $worst < ['O' => 1, 'W' => 2, 'B' => 3][$verdict];
        }));
    }

    /** @param  non-empty-list<string>  $by  language */
    private function in(array $by): string
    {
        return $by[(int) array_search($this->language, self::LANGUAGES, true)];
    }
}
