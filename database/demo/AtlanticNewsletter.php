<?php

declare(strict_types=1);

namespace Database\Demo;

/** The newsletter of the Canadian sister company. */
final class AtlanticNewsletter
{
    public const SHEET = [
        'point' => 'atlantic-newsletter',
        'name' => 'Atlantic newsletter',
        'kind' => 'newsletter',
        'place' => 'the home page of atlantic.tidewick.example',
        'controller' => 'tidewick-atlantic',
        'countries' => ['CA'],
        'languages' => ['en', 'fr'],
        'title' => ['en' => 'Crossings, once a month', 'fr' => 'Les traversées, une fois par mois'],
        'purpose-line' => [
            'en' => 'New crossings and fares between Port Ansel and the islands.', 'fr' => 'Nouvelles traversées et tarifs entre Port Ansel et les îles.',
        ],
        'fields' => [
            ['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'fr' => 'E-mail'], 'required' => true, 'reason' => 'the crossings go there'],
        ],
        'statements' => [['id' => 'atlantic-crossings']],
        'look' => [
            'page' => '#0f2536', 'paper' => '#081621', 'ink' => '#eef4f8', 'accent' => '#8ecae6',
            'edge' => '#7b93a6', 'font' => 'sans', 'corner' => 2, 'dark' => 'never',
        ],
        'button' => ['en' => 'Send me the crossings', 'fr' => 'Envoyez-moi les traversées'],
        'second' => [
            'title' => ['en' => 'Where we sail from Port Ansel', 'fr' => 'Nos traversées depuis Port Ansel'],
            'button' => ['en' => 'Tell me when', 'fr' => 'Dites-moi quand'],
        ],
    ];
}
