<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Points\FormKind;
use Juramen\Register\Language;

/** A form of few words, as a line: language, what it may be taken for, its fields, its heading, a line beside it, its button. */
final readonly class TerseForm
{
    /** A field by its letter: what it is called in each language, and its control. */
    private const FIELDS = [
        'e' => [['Email', 'E-Mail', 'E-mail', 'E-post', 'E-mail'], '<input type="email" autocomplete="email" required>'],
        'n' => [['Name', 'Name', 'Nom', 'Namn', 'Navn'], '<input autocomplete="name" required>'],
        't' => [['Phone', 'Telefon', 'Téléphone', 'Telefon', 'Telefon'], '<input type="tel" autocomplete="tel">'],
        'a' => [['Address', 'Anschrift', 'Adresse', 'Adress', 'Adresse'], '<input autocomplete="street-address">'],
        'm' => [['Message', 'Nachricht', 'Message', 'Meddelande', 'Besked'], '<textarea></textarea>'],
        'p' => [['Password', 'Passwort', 'Mot de passe', 'Lösenord', 'Adgangskode'], '<input type="password" autocomplete="new-password">'],
        'l' => [['Password', 'Passwort', 'Mot de passe', 'Lösenord', 'Adgangskode'], '<input type="password" autocomplete="current-password">'],
        'd' => [['Date', 'Datum', 'Date', 'Datum', 'Dato'], '<input type="date">'],
        's' => [['Guests', 'Personen', 'Personnes', 'Personer', 'Personer'], '<select><option>1<option>2</select>'],
        'q' => [['Details', 'Angaben', 'Précisions', 'Uppgifter', 'Oplysninger'], '<input>'],
        'c' => [['Card', 'Karte', 'Carte', 'Kort', 'Kort'], '<input autocomplete="cc-number">'],
        'z' => [['Postcode', 'Postleitzahl', 'Code postal', 'Postnummer', 'Postnummer'], '<input autocomplete="postal-code">'],
        'r' => [['Search', 'Suche', 'Recherche', 'Sök', 'Søg'], '<input type="search">'],
        'f' => [['File', 'Datei', 'Fichier', 'Fil', 'Fil'], '<input type="file">'],
        '$' => [['€10', '10 €', '10 €', '10 kr', '10 kr'], '<input type="radio" name="s">'],
        '£' => [['€20', '20 €', '20 €', '20 kr', '20 kr'], '<input type="radio" name="s">'],
    ];

    /** @param  list<FormKind>  $kinds */
    private function __construct(
        public string $line,
        private Language $language,
        public array $kinds,
        private string $fields,
        private string $over,
        private string $button,
    ) {}

    public static function from(string $line): self
    {
        [$language, $kinds, $fields, $heading, $beside, $button] = explode('|', $line);
        $over = ($heading === '' ? '' : "<h2>$heading</h2>").($beside === '' ? '' : "<p>$beside</p>");

        return new self($line, Language::from($language), array_map(FormKind::from(...), explode('/', $kinds)), $fields, $over, $button);
    }

    /** @return list<string> whole pages: with its heading over it, and within it */
    public function pages(): array
    {
        $at = array_search($this->language, [Language::English, Language::German, Language::French, Language::Swedish, Language::Danish], true);
        $fields = '';
        foreach (mb_str_split($this->fields) as $letter) {
            [$names, $control] = self::FIELDS[$letter];
            $fields .= "<label>{$names[(int) $at]} $control</label>";
        }
        $form = static fn (string $over): string => "<form method=\"post\" action=\"/s\">$over$fields<button>";

        return array_map(
            fn (string $html): string => "<!doctype html><html lang=\"{$this->language->value}\"><head><title>Fernhill</title></head><body>"
                ."$html$this->button</button></form><footer>Fernhill <a href=\"/privacy\">Privacy</a></footer></body></html>",
            [$this->over.$form(''), $form($this->over)]
        );
    }
}
