<?php

declare(strict_types=1);

namespace Database\Demo;

/** A message to the harbour office, with a newsletter that nobody has to take. */
final class ContactForm
{
    public const SHEET = [
        'point' => 'contact-form',
        'name' => 'Contact form',
        'kind' => 'contact',
        'place' => 'the contact page of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Write to the harbour office', 'de' => 'Schreiben Sie dem Hafenbüro'],
        'purpose-line' => [
            'en' => 'We answer within two working days.', 'de' => 'Wir antworten innerhalb von zwei Werktagen.',
        ],
        'fields' => [
            [
                'id' => 'name', 'kind' => 'name', 'label' => ['en' => 'Your name', 'de' => 'Ihr Name'], 'required' => false,
                'reason' => 'so that we can greet you',
            ],
            [
                'id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Your email', 'de' => 'Ihre E-Mail-Adresse'], 'required' => true,
                'reason' => 'our answer goes there',
            ],
            [
                'id' => 'about', 'kind' => 'choice', 'label' => ['en' => 'What is it about?', 'de' => 'Worum geht es?'], 'required' => false,
                'reason' => 'it reaches whoever can answer', 'options' => [
                    ['id' => 'booking', 'label' => ['en' => 'A booking', 'de' => 'Eine Buchung']],
                    ['id' => 'lost', 'label' => ['en' => 'Something lost on board', 'de' => 'Etwas an Bord verloren']],
                    ['id' => 'other', 'label' => ['en' => 'Something else', 'de' => 'Etwas anderes']],
                ],
            ],
            [
                'id' => 'message', 'kind' => 'message', 'label' => ['en' => 'Your message', 'de' => 'Ihre Nachricht'], 'required' => true,
                'reason' => 'it is what you want to tell us',
            ],
        ],
        'statements' => [['id' => 'voyage-news']],
        'recipients' => [
            ['id' => 'desk', 'address' => 'harbour-office@tidewick.example', 'whole' => true],
            [
                'id' => 'found', 'address' => 'lost-and-found@tidewick.example', 'whole' => true,
                'when' => ['field' => 'about', 'answers' => ['lost']],
            ],
        ],
        'look' => ['font' => 'sans', 'labels' => 'beside', 'corner' => 4, 'accent' => '#24405c', 'page' => '#ffffff', 'paper' => '#e6edf3'],
        'button' => ['en' => 'Send the message', 'de' => 'Nachricht senden'],
    ];
}
