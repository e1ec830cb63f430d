<?php

declare(strict_types=1);

namespace Database\Demo;

/** Messages when a crossing is late, by the channels that a passenger chooses. */
final class DelayAlerts
{
    public const SHEET = [
        'point' => 'delay-alerts',
        'name' => 'Delay alerts',
        'kind' => 'newsletter',
        'place' => 'the timetable page of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Know before you leave home', 'de' => 'Wissen, bevor Sie losfahren'],
        'purpose-line' => [
            'en' => 'When your crossing is late or cancelled, we tell you. Nothing else.',
            'de' => 'Wenn Ihre Überfahrt sich verspätet oder ausfällt, sagen wir es Ihnen. Sonst nichts.',
        ],
        'fields' => [
            [
                'id' => 'route', 'kind' => 'choices', 'label' => ['en' => 'Your routes', 'de' => 'Ihre Strecken'], 'required' => true,
                'reason' => 'so that nobody hears of crossings that are not theirs', 'options' => [
                    ['id' => 'marsund', 'label' => ['en' => 'Tidewick to Marsund', 'de' => 'Tidewick–Marsund']],
                    ['id' => 'islands', 'label' => ['en' => 'The island line', 'de' => 'Die Inselfähre']],
                    ['id' => 'night', 'label' => ['en' => 'The night ferry to Hellevig', 'de' => 'Die Nachtfähre nach Hellevig']],
                ],
            ],
            [
                'id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true,
                'reason' => 'what was agreed to is confirmed there',
            ],
            [
                'id' => 'phone', 'kind' => 'phone', 'label' => ['en' => 'Mobile number', 'de' => 'Handynummer'], 'required' => false,
                'reason' => 'alerts by SMS go there', 'help' => ['en' => 'With the code of your country, or as you dial it at home.',
                    'de' => 'Mit der Vorwahl Ihres Landes, oder wie Sie zu Hause wählen.'],
            ],
        ],
        'statements' => [['id' => 'delay-alerts', 'control' => 'channels']],
        'look' => [
            'accent' => '#8a3b00', 'page' => '#fffaf0', 'paper' => '#1f2a33',
            'font' => 'sans', 'edge-width' => 2, 'corner' => 20, 'spacing' => 'close',
        ],
        'button' => ['en' => 'Tell me', 'de' => 'Sagen Sie es mir'],
    ];
}
