<?php

declare(strict_types=1);

namespace Database\Demo;

/** The club for children. It waits for the way in which a parent agrees, and is not published before that. */
final class YoungSailors
{
    public const SHEET = [
        'point' => 'young-sailors',
        'name' => 'Young sailors\' club',
        'kind' => 'newsletter',
        'for-children' => true,
        'place' => 'the children\'s pages of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Join the young sailors', 'de' => 'Komm zu den jungen Seeleuten'],
        'purpose-line' => ['en' => 'Knots, games and club days, once a month.', 'de' => 'Knoten, Spiele und Clubtage, einmal im Monat.'],
        'fields' => [
            [
                'id' => 'first-name', 'kind' => 'first-name', 'label' => ['en' => 'The child\'s first name', 'de' => 'Vorname des Kindes'], 'required' => false,
                'reason' => 'the mails greet the child',
            ],
            [
                'id' => 'age', 'kind' => 'age', 'label' => ['en' => 'The child\'s age', 'de' => 'Alter des Kindes'], 'required' => true,
                'reason' => 'a parent agrees below the age of the country',
            ],
            [
                'id' => 'country', 'kind' => 'country', 'label' => ['en' => 'Country', 'de' => 'Land'], 'required' => false,
                'reason' => 'the age at which a child agrees alone is set by its country',
            ],
            [
                'id' => 'email', 'kind' => 'email', 'label' => ['en' => 'A parent\'s email', 'de' => 'E-Mail eines Elternteils'], 'required' => true,
                'reason' => 'the parent confirms there',
            ],
        ],
        'statements' => [['id' => 'young-sailors']],
        'look' => [
            'accent' => '#b3265a', 'page' => '#fffdf2', 'paper' => '#bfe3f2', 'edge' => '#3a7ca5',
            'edge-width' => 3, 'corner' => 24, 'spacing' => 'wide', 'font' => 'bitter',
        ],
        'button' => ['en' => 'Ask my parents', 'de' => 'Meine Eltern fragen'],
    ];
}
