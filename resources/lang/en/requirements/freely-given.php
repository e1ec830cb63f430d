<?php

declare(strict_types=1);

return [
    'not-a-condition' => [
        'name' => 'Not a condition',
        'says' => 'What one came for does not hang on agreeing to advertising. With prizes and downloads, where the exchange is said openly, courts differ.',
        'checks' => 'Controls that must be ticked, words that make them so, and words that demand it beside a control or where none asks: “to enter, sign up to'
            .' our letter”, “we can only answer if you tick the box”.',
        'unseen' => 'A server that sends the form back.',
    ],
    'no-as-easy-as-yes' => [
        'name' => 'No as easy as yes',
        'says' => 'A no costs nothing: no clock, no shaming, no window that cannot be closed.',
        'checks' => 'Words that hurry or shame, clocks that run down in or over the form, pop-ups around the form in which nothing closes them.',
        'unseen' => 'Pop-ups that a script makes later; that a key closes them.',
    ],
    'no-penalty' => [
        'name' => 'Nothing lost by a no',
        'says' => 'A no, and a withdrawal, cost nothing: no price, no service, no place.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.',
    ],
    'no-imbalance' => [
        'name' => 'No pressure',
        'says' => 'Employees, pupils and whoever stands before an authority can hardly say no; consent is then seldom the ground that fits.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.',
    ],
    'basis-fits' => [
        'name' => 'Consent fits',
        'says' => 'Consent is asked where the use rests on it. Who would go on without it, on another ground, misleads whoever is asked.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.',
    ],
];
