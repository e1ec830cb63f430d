<?php

declare(strict_types=1);

namespace Database\Demo;

/** The pop-up on the booking page, for visitors from the north. */
final class BookingPopup
{
    public const SHEET = [
        'point' => 'booking-popup',
        'name' => 'Pop-up on the booking page',
        'kind' => 'newsletter',
        'place' => 'the booking page of tidewick.example',
        'controller' => 'tidewick-ferries',
        'countries' => ['DK', 'SE', 'GB'],
        'languages' => ['en', 'sv', 'da'],
        'title' => ['en' => 'New sailings, by mail', 'sv' => 'Nya turer med e-post', 'da' => 'Nye afgange på mail'],
        'purpose-line' => ['en' => 'Once a month, with fares.', 'sv' => 'En gång i månaden, med priser.', 'da' => 'En gang om måneden, med priser.'],
        'fields' => [
            [
                'id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email', 'sv' => 'E-post', 'da' => 'E-mail'], 'required' => true,
                'reason' => 'the news goes there',
            ],
        ],
        'statements' => [['id' => 'voyage-news']],
        'look' => ['accent' => '#1f5f4a', 'page' => '#f4faf6', 'paper' => '#dfeee6', 'font' => 'nunito-sans', 'corner' => 14, 'spacing' => 'close'],
        'button' => ['en' => 'Send me the sailings', 'sv' => 'Skicka turerna', 'da' => 'Send mig afgangene'],
    ];
}
