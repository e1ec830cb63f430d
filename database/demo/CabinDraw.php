<?php

declare(strict_types=1);

namespace Database\Demo;

/** The cabin prize draw on the kiosk tablets on board: a draft with mistakes, as somebody in a hurry left it. */
final class CabinDraw
{
    public const SHEET = [
        'point' => 'cabin-draw',
        'name' => 'Cabin prize draw, on-board kiosk',
        'kind' => 'prize-draw',
        'place' => 'the kiosk tablets on board',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'DE', 'DK', 'SE'],
        'languages' => ['en', 'de'],
        'title' => ['en' => 'Win a cabin for two', 'de' => 'Gewinnen Sie eine Kabine für zwei'],
        'purpose-line' => ['en' => 'Draw on 1 December. One entry each.', 'de' => 'Verlosung am 1. Dezember. Eine Teilnahme je Person.'],
        'fields' => [
            ['id' => 'name', 'kind' => 'name', 'label' => ['en' => 'Name', 'de' => 'Name'], 'required' => true, 'reason' => 'to name the winner'],
            ['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'de' => 'E-Mail'], 'required' => true, 'reason' => 'to tell the winner'],
            [
                'id' => 'terms', 'kind' => 'terms', 'label' => ['en' => 'I accept the terms of the draw', 'de' => 'Ich nehme die Bedingungen der Verlosung an'],
                'required' => true, 'reason' => 'a draw has terms', 'terms' => [
                    'name' => ['en' => 'Terms of the cabin draw', 'de' => 'Bedingungen der Kabinenverlosung'], 'edition' => 'autumn 2026',
                    'link' => ['en' => 'https://tidewick.example/draw/2026', 'de' => 'https://tidewick.example/verlosung/2026'],
                ],
            ],
            ['id' => 'phone', 'kind' => 'phone', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => true, 'reason' => ''],
        ],
        'statements' => [['id' => 'draw-news']],
        'look' => [
            'accent' => '#5b2a86', 'page' => '#fff8e7', 'paper' => '#2b1540', 'edge' => '#c9a227',
            'edge-width' => 2, 'corner' => 0, 'font' => 'serif', 'spacing' => 'wide',
        ],
        'button' => ['en' => 'Enter the draw', 'de' => 'Teilnehmen'],
        'departures' => [
            'double-opt-in' => [
                'value' => false, 'reason' => 'The list marks did not arrive when confirmation was on.', 'by' => 'Malin Fors', 'on' => '2026-11-18',
            ],
            'keep-network' => [
                'value' => false, 'reason' => 'On board, the network address is the ship\'s own and tells nothing of the visitor.', 'by' => 'Malin Fors',
                'on' => '2026-11-18',
            ],
        ],
        'notice' => ['en' => '#', 'de' => 'https://tidewick.example/datenschutz'],
    ];
}
