<?php

declare(strict_types=1);

namespace Database\Demo;

/** The newsletter form at the foot of every page of tidewick.example. */
final class FooterNewsletter
{
    public const CONTROLLER = [
        'id' => 'tidewick-ferries',
        'name' => 'Tidewick Ferries',
        'postal-address' => 'Lantern Quay 3, Tidewick, United Kingdom',
        'contact' => 'privacy@tidewick.example',
        'sender' => 'voyages@tidewick.example',
        'accent' => '#7a3a12',
        'notice' => ['en' => 'https://tidewick.example/privacy', 'de' => 'https://tidewick.example/datenschutz'],
    ];

    public const PURPOSE = ['en' => 'voyage news', 'de' => 'Neues von Bord'];

    private const STATEMENT = [
        'id' => 'voyage-news',
        'purpose' => 'voyage-news',
        'channels' => ['email'],
        'texts' => [
            'en' => 'Yes, Tidewick Ferries may email me its new sailings and fares once a month. I can withdraw this at any time with the link in every email.',
            'de' => 'Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken. Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.',
        ],
    ];

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
        'statements' => [self::STATEMENT],
        'button' => ['en' => 'Send me the news', 'de' => 'Neues schicken'],
        'rules' => ['double-opt-in' => true, 'lapse-days' => 7, 'keep-network' => true],
    ];
}
