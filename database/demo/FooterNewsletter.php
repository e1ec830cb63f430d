<?php

declare(strict_types=1);

namespace Database\Demo;

/** The newsletter form at the foot of every page of tidewick.example. */
final class FooterNewsletter
{
    public const SHEET = [
        'point' => 'footer-newsletter',
        'name' => 'Footer newsletter',
        'kind' => 'newsletter',
        'place' => 'the foot of every page of tidewick.example',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'controller' => 'tidewick-ferries',
        'languages' => ['en', 'de'],
        'title' => ['en' => 'News from on board', 'de' => 'Neues von Bord'],
        'purpose-line' => ['en' => 'Once a month: new sailings and fares.', 'de' => 'Einmal im Monat: neue Fahrten und Preise.'],
        'fields' => [
            ['kind' => 'first-name', 'label' => ['en' => 'First name', 'de' => 'Vorname'], 'required' => false, 'reason' => 'so that our mails can greet the person'],
            ['kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true, 'reason' => 'the news goes there'],
        ],
        'statements' => [['id' => 'voyage-news']],
        'button' => ['en' => 'Send me the news', 'de' => 'Neues schicken'],
    ];

    /**
     * The sheet made whole by the demo's registers.
     *
     * @return array<string, mixed>
     */
    public static function whole(): array
    {
        return House::registers()->complete(self::SHEET);
    }
}
