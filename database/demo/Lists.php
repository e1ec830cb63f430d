<?php

declare(strict_types=1);

namespace Database\Demo;

/** Where permissions of Tidewick Ferries lead, and the list service that gets some of them. */
final class Lists
{
    public const ALL = [
        [
            'id' => 'voyage-news-mails', 'controller' => 'tidewick-ferries', 'purpose' => 'voyage-news', 'channel' => 'email',
            'name' => 'Voyage news, everybody', 'public-name' => ['en' => 'Voyage news', 'de' => 'Neues von Bord'], 'confirmed' => true,
            'statements' => [], 'points' => [], 'languages' => [],
        ],
        [
            'id' => 'walkers', 'controller' => 'tidewick-ferries', 'purpose' => 'island-walks', 'channel' => 'email',
            'name' => 'Walkers (guide readers)', 'public-name' => ['en' => 'Island walks', 'de' => 'Inselwanderungen'], 'confirmed' => true,
            'statements' => ['island-walks'], 'points' => ['walking-guide'], 'languages' => [],
        ],
        [
            'id' => 'delay-messages', 'controller' => 'tidewick-ferries', 'purpose' => 'delay-alerts', 'channel' => 'sms',
            'name' => 'Delay messages', 'public-name' => [], 'confirmed' => true, 'statements' => [], 'points' => [], 'languages' => [],
        ],
        [
            'id' => 'atlantic-crossings', 'controller' => 'tidewick-atlantic', 'purpose' => 'atlantic-crossings', 'channel' => 'email',
            'name' => 'Atlantic crossings', 'public-name' => [], 'confirmed' => true, 'statements' => [], 'points' => [], 'languages' => [],
        ],
    ];

    public const QUAYSIDE = [
        'id' => 'quayside-lists', 'controller' => 'tidewick-ferries', 'name' => 'Quayside lists', 'address' => 'https://lists.quayside-post.example',
        'partner' => 'quayside-post', 'on' => true,
        'lists' => [
            ['id' => 'voyage-news-mails', 'group' => 'voyages', 'mark' => 'aboard', 'starts' => 'voyage-news'],
            ['id' => 'walkers', 'group' => 'walks', 'mark' => '', 'starts' => ''],
        ],
        'mapping' => [
            'first-name' => 'given_name', 'language' => 'tongue', 'agreed-at' => 'agreed', 'confirmed-at' => 'confirmed', 'statement' => 'wording',
            'withdrawal' => 'leave', 'preferences' => '-', 'country' => '-',
        ],
    ];

    /** What the list service said when its fields were fetched; the stand-in says the same. */
    public const SERVICE = [
        'fields' => [
            ['id' => 'given_name', 'title' => 'Given name', 'type' => 'text'], ['id' => 'tongue', 'title' => 'Language', 'type' => 'text'],
            ['id' => 'agreed', 'title' => 'Agreed on', 'type' => 'moment'], ['id' => 'confirmed', 'title' => 'Confirmed on', 'type' => 'moment'],
            ['id' => 'wording', 'title' => 'Edition of the wording', 'type' => 'text'], ['id' => 'leave', 'title' => 'Link to leave', 'type' => 'link'],
            ['id' => 'born', 'title' => 'Date of birth', 'type' => 'day', 'order' => 'dd/mm/yyyy'],
        ],
        'groups' => [['id' => 'voyages', 'title' => 'Voyages'], ['id' => 'walks', 'title' => 'Walks']],
        'asks-itself' => false, 'takes-confirmed' => true,
    ];

    /** By which the list service knows the house; the stand-in's. */
    public const KEY = 'tidewick-lists-key';
}
