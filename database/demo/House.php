<?php

declare(strict_types=1);

namespace Database\Demo;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Points\Records;
use Juramen\Points\Registers;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;

/** The registers of Tidewick Ferries and its Canadian sister. */
final class House
{
    public const TIDEWICK = [
        'id' => 'tidewick-ferries',
        'name' => 'Tidewick Ferries',
        'postal-address' => 'Lantern Quay 3, Tidewick, United Kingdom',
        'contact' => 'privacy@tidewick.example',
        'sender' => 'voyages@tidewick.example',
        'accent' => '#7a3a12',
        'notice' => [
            'en' => 'https://tidewick.example/privacy', 'de' => 'https://tidewick.example/datenschutz', 'sv' => 'https://tidewick.example/integritet',
            'da' => 'https://tidewick.example/privatliv',
        ],
        'notice-text' => [
            'en' => "How Tidewick Ferries uses your details.\n\nWith your consent we send you voyage news, which is new sailings and fares, by email once a month. You can withdraw this at any time. We keep your email address for three years after the last consent ended. Quayside Post sends our mails for us under a contract.",
        ],
        'dpo' => 'dpo@tidewick.example',
        'representative' => 'Harbour Office Marsund, Germany',
        'country' => 'GB',
        'dkim-selector' => 'tide2025',
    ];

    public const ATLANTIC = [
        'id' => 'tidewick-atlantic',
        'name' => 'Tidewick Atlantic Ferries Inc.',
        'postal-address' => '14 Breakwater Road, Port Ansel, Nova Scotia, Canada',
        'contact' => 'privacy@atlantic.tidewick.example',
        'sender' => 'crossings@atlantic.tidewick.example',
        'accent' => '#1d4e70',
        'notice' => ['en' => 'https://atlantic.tidewick.example/privacy', 'fr' => 'https://atlantic.tidewick.example/confidentialite'],
        'notice-text' => [],
        'dpo' => '',
        'representative' => '',
        'country' => 'CA',
        'closing' => ['en' => 'Fair winds, from the crew at Port Ansel', 'fr' => 'Bon vent, l’équipage de Port Ansel'],
        'look' => ['mails' => 'sign'],
    ];

    public const VOYAGE_NEWS = [
        'id' => 'voyage-news', 'controller' => 'tidewick-ferries',
        'names' => ['en' => 'voyage news', 'de' => 'Neues von Bord', 'sv' => 'nytt ombord', 'da' => 'nyt fra turene'],
        'contents' => ['en' => 'new sailings and fares', 'de' => 'neue Fahrten und Preise', 'sv' => 'nya turer och priser', 'da' => 'nye afgange og priser'],
        'rates' => ['en' => 'once a month', 'de' => 'einmal im Monat', 'sv' => 'en gång i månaden', 'da' => 'en gang om måneden'],
        'basis' => 'consent', 'measures' => false, 'refresh-months' => 0, 'retention-months' => 36,
    ];

    public const PURPOSES = [
        self::VOYAGE_NEWS,
        [
            'id' => 'island-walks', 'controller' => 'tidewick-ferries', 'names' => ['en' => 'island walks', 'de' => 'Inselwanderungen'],
            'contents' => ['en' => 'new walking routes and dates of guided walks', 'de' => 'neue Wanderrouten und Termine geführter Wanderungen'],
            'rates' => ['en' => 'twice a year', 'de' => 'zweimal im Jahr'], 'basis' => 'consent', 'measures' => false, 'refresh-months' => 36,
            'retention-months' => 36,
        ],
        [
            'id' => 'atlantic-crossings', 'controller' => 'tidewick-atlantic', 'names' => ['en' => 'Atlantic crossings', 'fr' => 'traversées de l’Atlantique'],
            'contents' => ['en' => 'new crossings and fares', 'fr' => 'nouvelles traversées et tarifs'],
            'rates' => ['en' => 'once a month', 'fr' => 'une fois par mois'], 'basis' => 'consent', 'measures' => false, 'refresh-months' => 0,
            'retention-months' => 36,
        ],
        [
            'id' => 'delay-alerts', 'controller' => 'tidewick-ferries', 'names' => ['en' => 'delay alerts', 'de' => 'Verspätungsmeldungen'],
            'contents' => ['en' => 'late and cancelled departures', 'de' => 'verspätete und ausgefallene Abfahrten'],
            'rates' => ['en' => 'only when a departure changes', 'de' => 'nur wenn sich eine Abfahrt ändert'], 'basis' => 'consent', 'measures' => false,
            'refresh-months' => 0, 'retention-months' => 36,
        ],
        [
            'id' => 'group-offers', 'controller' => 'tidewick-ferries', 'names' => ['en' => 'group offers', 'de' => 'Gruppenangebote'],
            'contents' => ['en' => 'fares and sailings for groups', 'de' => 'Preise und Fahrten für Gruppen'],
            'rates' => ['en' => 'twice a year', 'de' => 'zweimal im Jahr'], 'basis' => 'consent', 'measures' => false, 'refresh-months' => 0,
            'retention-months' => 36,
        ],
        [
            'id' => 'young-sailors', 'controller' => 'tidewick-ferries', 'names' => ['en' => 'young sailors\' club', 'de' => 'Club der jungen Seeleute'],
            'contents' => ['en' => 'knots, games and club days for children', 'de' => 'Knoten, Spiele und Clubtage für Kinder'],
            'rates' => ['en' => 'once a month', 'de' => 'einmal im Monat'], 'basis' => 'consent', 'measures' => false, 'refresh-months' => 0,
            'retention-months' => 36,
        ],
    ];

    public const PROCESSORS = [
        [
            'id' => 'quayside-post', 'name' => 'Quayside Post', 'controller' => 'tidewick-ferries', 'own' => false,
            'purposes' => ['voyage-news', 'island-walks'],
            'does' => 'sends our mails', 'contract' => 'processing contract of 3 March 2025', 'country' => 'DE', 'transfer' => '', 'until' => '',
        ],
        [
            'id' => 'gullwing-surveys', 'name' => 'Gullwing Surveys', 'controller' => 'tidewick-ferries', 'own' => false, 'purposes' => ['voyage-news'],
            'does' => 'asks passengers after the crossing', 'contract' => '', 'country' => 'US', 'transfer' => '', 'until' => '',
        ],
    ];

    /** As first approved; the words are drafted by the editor. */
    public const VOYAGE_NEWS_WORDS = [
        'id' => 'voyage-news', 'purpose' => 'voyage-news', 'channels' => ['email'],
        'texts' => [
            'en' => 'Yes, {controller} may email me its new sailings and fares {rate}. {withdrawal}',
            'de' => 'Ja, {controller} darf mir {rate} neue Fahrten und Preise per E-Mail schicken. {withdrawal}',
            'sv' => 'Ja, {controller} får mejla mig nya turer och priser {rate}. {withdrawal}',
            'da' => 'Ja, {controller} må sende mig nye afgange og priser på e-mail {rate}. {withdrawal}',
        ],
    ];

    public const STATEMENTS = [
        self::VOYAGE_NEWS_WORDS,
        [
            'id' => 'island-walks', 'purpose' => 'island-walks', 'channels' => ['email'],
            'texts' => [
                'en' => 'Yes, {controller} may email me new walking routes and dates of guided walks {rate}. {withdrawal}',
                'de' => 'Ja, {controller} darf mir {rate} neue Wanderrouten und Termine geführter Wanderungen per E-Mail schicken. {withdrawal}',
            ],
        ],
        [
            'id' => 'atlantic-crossings', 'purpose' => 'atlantic-crossings', 'channels' => ['email'],
            'texts' => [
                'en' => 'Yes, {controller} may email me its new crossings and fares {rate}. {withdrawal} More in the {notice}.',
                'fr' => 'Oui, {controller} peut m’envoyer {rate} par e-mail ses nouvelles traversées et ses tarifs. {withdrawal} Plus dans la {notice}.',
            ],
        ],
        [
            'id' => 'delay-alerts', 'purpose' => 'delay-alerts', 'channels' => ['email', 'sms'],
            'texts' => [
                'en' => '{controller} may tell me of late and cancelled departures, {rate}. {withdrawal}',
                'de' => '{controller} darf mir verspätete und ausgefallene Abfahrten melden, {rate}. {withdrawal}',
            ],
        ],
        [
            'id' => 'group-offers', 'purpose' => 'group-offers', 'channels' => ['email'],
            'texts' => [
                'en' => '{controller} may email me fares and sailings for groups {rate}. {withdrawal}',
                'de' => '{controller} darf mir {rate} Preise und Fahrten für Gruppen per E-Mail schicken. {withdrawal}',
            ],
        ],
        [
            'id' => 'young-sailors', 'purpose' => 'young-sailors', 'channels' => ['email'],
            'texts' => [
                'en' => 'My child and I agree: {controller} may email my child knots, games and club days {rate}. I hold parental responsibility. '
                    .'Either of us can withdraw this at any time, with the link in every email or by a message to {contact}.',
                'de' => 'Ich bin sorgeberechtigt. {controller} darf meinem Kind {rate} Knoten, Spiele und Clubtage per E-Mail schicken. Mein Kind oder '
                    .'ich können das jederzeit widerrufen: über den Link in jeder E-Mail oder mit einer Nachricht an {contact}.',
            ],
        ],
    ];

    /** What the editor has submitted: the next words of the voyage news, in the languages of three points. */
    public const VOYAGE_NEWS_PROPOSED = [
        'en' => 'Yes, {controller} may email me its new sailings, fares and concerts on board {rate}. {withdrawal}',
        'de' => 'Ja, {controller} darf mir {rate} neue Fahrten, Preise und Konzerte an Bord per E-Mail schicken. {withdrawal}',
    ];

    /** Begun in a hurry for the prize draw, and never submitted. */
    public const DRAW_NEWS = [
        'id' => 'draw-news', 'purpose' => 'voyage-news', 'channels' => ['email'],
        'texts' => [
            'en' => 'I accept the terms and conditions and Tidewick Ferries may send me updates and offers.',
            'de' => 'Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken.',
        ],
    ];

    /** Mails in words of the house's own. */
    public const MAILS = [
        [
            'id' => 'tidewick-atlantic-reminder', 'controller' => 'tidewick-atlantic', 'kind' => 'reminder', 'parts' => [
                'subject' => ['en' => 'Still on the quay: {title}', 'fr' => 'Encore à quai : {title}'],
                'greeting' => ['en' => 'Hello {name},', 'fr' => 'Bonjour {name},'], 'greeting-without-name' => ['en' => 'Hello,', 'fr' => 'Bonjour,'],
                'button' => ['en' => 'Yes, take me aboard', 'fr' => 'Oui, je monte à bord'],
            ],
        ],
    ];

    /** A second wording of the confirmation, which chance allots to half of those who are asked. */
    public const SECOND_MAIL = [
        'id' => 'tidewick-ferries-confirmation-second', 'controller' => 'tidewick-ferries', 'kind' => 'confirmation-second', 'parts' => [
            'subject' => ['en' => 'One press, and you are aboard: {title}', 'de' => 'Ein Klick, und Sie sind an Bord: {title}'],
            'button' => ['en' => 'Come aboard', 'de' => 'An Bord gehen'],
        ],
    ];

    /** Begun, and not approved yet. */
    public const MAIL_DRAFT = [
        'id' => 'tidewick-ferries-acknowledgement', 'controller' => 'tidewick-ferries', 'kind' => 'acknowledgement', 'parts' => [
            'subject' => ['en' => 'Your message is aboard: {title}'], 'text' => ['en' => 'What you sent with “{title}” has reached our office on Lantern Quay.'],
        ],
    ];

    /** As the core reads them, every statement approved but the one for the draw. */
    public static function registers(): Registers
    {
        $read = static fn (RecordKind $kind, array $data, ?Digest $edition = null): Registered => Records::read($kind, Document::from($data), $edition);

        return Registers::of([
            $read(RecordKind::Controller, self::TIDEWICK), $read(RecordKind::Controller, self::ATLANTIC),
            ...array_map(static fn (array $p): Registered => $read(RecordKind::Purpose, $p), self::PURPOSES),
            ...array_map(static fn (array $s): Registered => $read(RecordKind::Statement, $s, Digest::of($s['id'])), self::STATEMENTS),
            $read(RecordKind::Statement, self::DRAW_NEWS),
            ...array_map(static fn (array $p): Registered => $read(RecordKind::Processor, $p), self::PROCESSORS),
        ]);
    }
}
