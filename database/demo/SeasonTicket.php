<?php

declare(strict_types=1);

namespace Database\Demo;

/** Registration of a season ticket: terms are accepted apart from any news. */
final class SeasonTicket
{
    public const SHEET = [
        'point' => 'season-ticket',
        'name' => 'Season ticket registration',
        'kind' => 'account',
        'place' => 'the season ticket page of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Register your season ticket', 'de' => 'Jahreskarte registrieren'],
        'purpose-line' => [
            'en' => 'With an account you can replace a lost ticket and pause it over winter.',
            'de' => 'Mit einem Konto ersetzen Sie eine verlorene Karte und lassen sie im Winter ruhen.',
        ],
        'fields' => [
            [
                'id' => 'first-name', 'kind' => 'first-name', 'label' => ['en' => 'First name', 'de' => 'Vorname'], 'required' => true,
                'reason' => 'it stands on the ticket',
            ],
            [
                'id' => 'last-name', 'kind' => 'last-name', 'label' => ['en' => 'Last name', 'de' => 'Nachname'], 'required' => true,
                'reason' => 'it stands on the ticket',
            ],
            [
                'id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true,
                'reason' => 'the account is opened with it',
            ],
            [
                'id' => 'postal', 'kind' => 'postal', 'label' => ['en' => 'Address', 'de' => 'Anschrift'], 'required' => true,
                'reason' => 'a new ticket is posted there',
            ],
            [
                'id' => 'terms', 'kind' => 'terms', 'label' => ['en' => 'I accept the terms of carriage', 'de' => 'Ich nehme die Beförderungsbedingungen an'],
                'required' => true, 'reason' => 'the season ticket is a contract', 'terms' => [
                    'name' => ['en' => 'Terms of carriage', 'de' => 'Beförderungsbedingungen'], 'edition' => 'May 2026',
                    'link' => ['en' => 'https://tidewick.example/terms/2026-05', 'de' => 'https://tidewick.example/agb/2026-05'],
                ],
            ],
        ],
        'statements' => [['id' => 'voyage-news']],
        'recipients' => [['id' => 'tickets', 'address' => 'tickets@tidewick.example', 'whole' => false]],
        'look' => [
            'font' => 'typewriter', 'accent' => '#00595e', 'page' => '#f7fbfb',
            'paper' => '#cfe3e4', 'edges' => 'bottom', 'corner' => 0, 'labels' => 'beside',
        ],
        'button' => ['en' => 'Open my account', 'de' => 'Konto eröffnen'],
    ];
}
