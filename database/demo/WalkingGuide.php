<?php

declare(strict_types=1);

namespace Database\Demo;

/** The island walking guide, which people get by mail, with an invitation to hear of walks beside it. */
final class WalkingGuide
{
    public const SHEET = [
        'point' => 'walking-guide',
        'name' => 'Island walking guide',
        'kind' => 'download',
        'place' => 'the island pages of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Walks on the islands', 'de' => 'Wandern auf den Inseln'],
        'purpose-line' => [
            'en' => 'Twice a year: new walking routes, and guided walks with dates.',
            'de' => 'Zweimal im Jahr: neue Wanderrouten und geführte Wanderungen mit Terminen.',
        ],
        'fields' => [
            ['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true, 'reason' => 'the routes go there'],
        ],
        'statements' => [['id' => 'island-walks'], ['id' => 'voyage-news']],
        'look' => [
            'font' => 'source-serif', 'accent' => '#2f5d34', 'page' => '#f6f3e6', 'paper' => '#d9e2cf', 'edges' => 'bottom', 'edge-width' => 2,
            'spacing' => 'even',
        ],
        'button' => ['en' => 'Send me the routes', 'de' => 'Routen schicken'],
        'gift' => [
            'name' => ['en' => 'Six walks between two ferries', 'de' => 'Sechs Wanderungen zwischen zwei Fähren'], 'days' => 30,
        ],
        'departures' => [
            'lapse-days' => [
                'value' => 10, 'reason' => 'Many on the islands read their mail once a week; seven days were too short for them.', 'by' => 'Malin Fors',
                'on' => '2025-05-14',
            ],
        ],
    ];
}
