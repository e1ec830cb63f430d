<?php

declare(strict_types=1);

namespace Database\Demo;

/** The island walking guide, which people get by mail, with an invitation to hear of walks beside it. */
final class WalkingGuide
{
    public const PURPOSE = ['en' => 'island walks', 'de' => 'Inselwanderungen'];

    public const SHEET = [
        'point' => 'walking-guide',
        'name' => 'Island walking guide',
        'kind' => 'newsletter',
        'place' => 'the island pages of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Walks on the islands', 'de' => 'Wandern auf den Inseln'],
        'purpose-line' => ['en' => 'Twice a year: new walking routes, and guided walks with dates.', 'de' => 'Zweimal im Jahr: neue Wanderrouten und geführte Wanderungen mit Terminen.'],
        'fields' => [
            ['kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true, 'reason' => 'the routes go there'],
        ],
        'statements' => [[
            'id' => 'island-walks',
            'purpose' => 'island-walks',
            'channels' => ['email'],
            'texts' => [
                'en' => 'Yes, Tidewick Ferries may email me new walking routes and dates of guided walks twice a year. I can withdraw this at any time with the link in every email.',
                'de' => 'Ja, Tidewick Ferries darf mir zweimal im Jahr neue Wanderrouten und Termine geführter Wanderungen per E-Mail schicken. Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.',
            ],
        ]],
        'button' => ['en' => 'Send me the routes', 'de' => 'Routen schicken'],
        'rules' => ['double-opt-in' => true, 'lapse-days' => 10, 'keep-network' => true],
    ];
}
