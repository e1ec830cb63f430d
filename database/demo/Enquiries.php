<?php

declare(strict_types=1);

namespace Database\Demo;

/** What people wrote to the harbour office, the groups' desk and the ticket office. */
final class Enquiries
{
    /** @var list<array{days: int, point: string, email: string, language: string, recipients: list<string>, values: array<string, string>, then: string}> */
    public const ALL = [
        [
            'days' => 41, 'point' => 'contact-form', 'email' => 'sunniva.aker@mail.example', 'language' => 'en', 'recipients' => ['desk'],
            'values' => ['name' => 'Sunniva Aker', 'choice' => 'A booking', 'message' => 'May my dog sleep in the cabin on the night ferry? She is small and old.'],
            'then' => 'closed',
        ],
        [
            'days' => 27, 'point' => 'contact-form', 'email' => 'joost.wiarda@post.example', 'language' => 'de', 'recipients' => ['desk'],
            'values' => [
                'name' => 'Joost Wiarda',
                'message' => "Welche Daten haben Sie über mich, und woher?\nBitte schicken Sie mir eine Kopie davon.",
            ],
            'then' => 'access',
        ],
        [
            'days' => 13, 'point' => 'contact-form', 'email' => 'merle.oakley@inbox.example', 'language' => 'en', 'recipients' => ['desk'],
            'values' => ['name' => 'Merle Oakley', 'message' => 'I have moved inland and shall not sail again. Please delete what you hold about me.'],
            'then' => 'erasure',
        ],
        [
            'days' => 12, 'point' => 'season-ticket', 'email' => 'bente.holm@inbox.example', 'language' => 'en', 'recipients' => ['tickets'],
            'values' => [
                'first-name' => 'Bente', 'last-name' => 'Holm', 'postal' => "Rope Walk 8\n4120 Marsund", 'terms' => 'Terms of carriage (May 2026)',
            ],
            'then' => 'taken',
        ],
        [
            'days' => 6, 'point' => 'group-travel', 'email' => 'schule.am.deich@post.example', 'language' => 'de', 'recipients' => ['gruppen'],
            'values' => [
                'choice' => 'Eine Schulklasse', 'choices' => '11 bis 14', 'choice-2' => 'Die Inselfähre', 'choices-2' => "Im Frühling\nIm Sommer",
                'pick' => 'Ja, gern', 'message' => "Wir sind 24 Kinder und drei Erwachsene.\nEin Kind sitzt im Rollstuhl.", 'name' => 'Ragna Petersen',
                'source' => 'school-brochure',
            ],
            'then' => 'open',
        ],
        [
            'days' => 2, 'point' => 'contact-form', 'email' => 'ole.brandt@post.example', 'language' => 'de', 'recipients' => ['desk', 'found'],
            'values' => [
                'name' => 'Ole Brandt', 'choice' => 'Etwas an Bord verloren',
                'message' => "Ein grüner Regenschirm mit Holzgriff.\nLiegen geblieben auf der Nachtfähre nach Hellevig, Deck 4.",
            ],
            'then' => 'open',
        ],
        [
            'days' => 1, 'point' => 'contact-form', 'email' => 'imke.thormann@post.example', 'language' => 'de', 'recipients' => ['desk'],
            'values' => ['name' => 'Imke Thormann', 'message' => 'Bitte schicken Sie mir keine Neuigkeiten mehr, ich fahre nicht mehr zur See. Danke für alles.'],
            'then' => 'open',
        ],
        [
            'days' => 1, 'point' => 'contact-form', 'email' => 'offers4u@bulk.example', 'language' => 'en', 'recipients' => ['desk'],
            'values' => ['name' => 'Best Price', 'message' => 'Your site can be first on every search, cheap and fast, answer today.'],
            'then' => 'doubtful',
        ],
    ];
}
