<?php

declare(strict_types=1);

namespace Database\Demo;

use Juramen\Canon\Document;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;

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
            [
                'id' => 'first-name', 'kind' => 'first-name', 'label' => ['en' => 'First name', 'de' => 'Vorname'], 'required' => false,
                'reason' => 'so that our mails can greet the person',
            ],
            ['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true, 'reason' => 'the news goes there'],
        ],
        'statements' => [['id' => 'voyage-news']],
        'look' => ['layout' => 'line', 'edges' => 'bottom', 'font' => 'serif'],
        'button' => ['en' => 'Send me the news', 'de' => 'Neues schicken'],
    ];

    /** The sheet made whole by the demo's registers. */
    public static function whole(): Sheet
    {
        return House::registers()->complete(SheetDraft::from(Document::from(self::SHEET)));
    }
}
