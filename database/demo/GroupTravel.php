<?php

declare(strict_types=1);

namespace Database\Demo;

/** An enquiry about travelling in a group: long, and therefore in five pages. */
final class GroupTravel
{
    public const SHEET = [
        'point' => 'group-travel',
        'name' => 'Group travel enquiry',
        'kind' => 'contact',
        'place' => 'the groups page of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Travel with your group', 'de' => 'Reisen mit Ihrer Gruppe'],
        'purpose-line' => ['en' => 'Five short pages; then we send you an offer.', 'de' => 'Fünf kurze Seiten; dann schicken wir Ihnen ein Angebot.'],
        'pages' => [
            ['id' => 'group', 'title' => ['en' => 'Your group', 'de' => 'Ihre Gruppe']],
            ['id' => 'trip', 'title' => ['en' => 'Your trip', 'de' => 'Ihre Reise']],
            ['id' => 'wishes', 'title' => ['en' => 'On board', 'de' => 'An Bord']],
            ['id' => 'you', 'title' => ['en' => 'Where our offer goes', 'de' => 'Wohin das Angebot geht']],
            ['id' => 'last', 'title' => ['en' => 'Before you send it', 'de' => 'Bevor Sie es senden']],
        ],
        'fields' => [
            [
                'id' => 'group', 'kind' => 'choice', 'page' => 'group', 'label' => ['en' => 'Who travels?', 'de' => 'Wer reist?'], 'required' => true,
                'reason' => 'fares differ by kind of group', 'options' => [
                    ['id' => 'school', 'label' => ['en' => 'A school class', 'de' => 'Eine Schulklasse']],
                    ['id' => 'club', 'label' => ['en' => 'A club', 'de' => 'Ein Verein']],
                    ['id' => 'firm', 'label' => ['en' => 'A firm', 'de' => 'Eine Firma']],
                ],
            ],
            [
                'id' => 'years', 'kind' => 'choices', 'page' => 'group', 'label' => ['en' => 'How old are the pupils?', 'de' => 'Wie alt sind die Schüler?'],
                'required' => false, 'reason' => 'the harbour school has a programme for each age', 'options' => [
                    ['id' => 'small', 'label' => ['en' => 'Up to 10', 'de' => 'Bis 10']],
                    ['id' => 'middle', 'label' => ['en' => '11 to 14', 'de' => '11 bis 14']],
                    ['id' => 'big', 'label' => ['en' => '15 and older', 'de' => '15 und älter']],
                ], 'when' => ['field' => 'group', 'answers' => ['school']],
            ],
            [
                'id' => 'route', 'kind' => 'choice', 'page' => 'trip', 'label' => ['en' => 'Which crossing?', 'de' => 'Welche Überfahrt?'], 'required' => true,
                'reason' => 'the offer is made for it', 'options' => [
                    ['id' => 'marsund', 'label' => ['en' => 'Tidewick to Marsund', 'de' => 'Tidewick–Marsund']],
                    ['id' => 'islands', 'label' => ['en' => 'The island line', 'de' => 'Die Inselfähre']],
                ],
            ],
            [
                'id' => 'months', 'kind' => 'choices', 'page' => 'trip', 'label' => ['en' => 'When would suit you?', 'de' => 'Wann passt es Ihnen?'],
                'required' => false, 'reason' => 'the offer names dates that are free', 'options' => [
                    ['id' => 'spring', 'label' => ['en' => 'In spring', 'de' => 'Im Frühling']],
                    ['id' => 'summer', 'label' => ['en' => 'In summer', 'de' => 'Im Sommer']],
                    ['id' => 'autumn', 'label' => ['en' => 'In autumn', 'de' => 'Im Herbst']],
                ],
            ],
            [
                'id' => 'pupils', 'kind' => 'pick', 'page' => 'wishes', 'label' => ['en' => 'A lesson on the bridge?', 'de' => 'Eine Stunde auf der Brücke?'],
                'required' => false, 'reason' => 'an officer of the watch has to be free', 'options' => [
                    ['id' => 'yes', 'label' => ['en' => 'Yes, please', 'de' => 'Ja, gern']],
                    ['id' => 'no', 'label' => ['en' => 'No, thank you', 'de' => 'Nein, danke']],
                ], 'when' => ['field' => 'group', 'answers' => ['school']],
            ],
            [
                'id' => 'message', 'kind' => 'message', 'page' => 'wishes', 'label' => ['en' => 'What else should we know?',
                    'de' => 'Was sollten wir noch wissen?'],
                'required' => true, 'reason' => 'the number of people, meals, and seats for wheelchairs decide the price',
                'help' => ['en' => 'How many you are, meals, wheelchairs.', 'de' => 'Wie viele Sie sind, Mahlzeiten, Rollstühle.'],
            ],
            [
                'id' => 'name', 'kind' => 'name', 'page' => 'you', 'label' => ['en' => 'Your name', 'de' => 'Ihr Name'], 'required' => true,
                'reason' => 'the offer is addressed to a person',
            ],
            [
                'id' => 'email', 'kind' => 'email', 'page' => 'you', 'label' => ['en' => 'Your email', 'de' => 'Ihre E-Mail-Adresse'], 'required' => true,
                'reason' => 'the offer goes there',
            ],
            [
                'id' => 'phone', 'kind' => 'phone', 'page' => 'you', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => false,
                'reason' => 'a call is quicker where something is unclear',
            ],
            ['id' => 'source', 'kind' => 'source', 'label' => [], 'required' => false, 'reason' => 'which brochure was read', 'marks' => [
                'school-brochure', 'club-letter',
            ]],
        ],
        'statements' => [['id' => 'group-offers', 'control' => 'yes-no', 'needed' => true, 'page' => 'last']],
        'recipients' => [
            ['id' => 'groups', 'address' => 'groups@tidewick.example', 'whole' => true, 'languages' => ['en']],
            ['id' => 'gruppen', 'address' => 'gruppen@tidewick.example', 'whole' => true, 'languages' => ['de']],
        ],
        'look' => ['accent' => '#3d4f1f', 'page' => '#fdfdf7', 'paper' => '#e7e9d8', 'spacing' => 'wide', 'corner' => 8, 'edge' => '#7a845f'],
        'button' => ['en' => 'Ask for an offer', 'de' => 'Angebot anfragen'],
    ];
}
