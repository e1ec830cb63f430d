<?php

declare(strict_types=1);

return [
    'sent-encrypted' => [
        'name' => 'Sent encrypted',
        'says' => 'Personal details go over an encrypted line.',
        'checks' => 'The page\'s address, where it is known, and where the form is sent.',
        'unseen' => 'How the line is encrypted.',
    ],
    'not-in-address' => [
        'name' => 'Not in the address',
        'says' => 'Details do not stand in addresses, which are kept in logs and histories.',
        'checks' => 'Whether the form is sent by GET, or by nothing, which is the same.',
        'unseen' => 'Forms that a script sends.',
    ],
    'no-outside-calls' => [
        'name' => 'No outside calls',
        'says' => 'Looking at a form tells nobody else about it.',
        'checks' => 'Scripts, frames, pictures, films and styles from other sites, by elements, by styles, or brought in by a script of the page. What waits for a'
            .' consent is none.',
        'unseen' => 'What those scripts load in turn.',
    ],
    'bots-kept-out' => [
        'name' => 'Bots kept out',
        'says' => 'Programs are kept out without keeping people out.',
        'checks' => 'Fields that people do not see, by their own style or by those on the page, or that no key reaches; and pictures that are to be read.',
        'unseen' => 'What the server does, and styles in a file of their own; so it is a question.',
    ],
    'fill-help' => [
        'name' => 'Help to fill in',
        'says' => 'Browsers can fill in what is personal where a field says what belongs there.',
        'checks' => 'The autocomplete token of fields for one\'s own name, address and number; the name of a child or a pet needs none.',
        'unseen' => '',
    ],
    'processor-bound' => [
        'name' => 'Bound by contract',
        'says' => 'Whoever works with the details does so under a contract, in a known place, and outside the EEA on a ground of the transfer.',
        'checks' => 'Each recipient of the point\'s purposes, and whoever runs a destination to which people go.',
        'unseen' => 'What a contract says.',
    ],
    'joint-arrangement' => [
        'name' => 'Jointly arranged',
        'says' => 'Whoever decides together what details are used for arranges who does what, and lets people read the essence.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.',
    ],
    'representative-named' => [
        'name' => 'Representative named',
        'says' => 'A controller from outside that asks people in the Union, or in the United Kingdom, names somebody there.',
        'checks' => 'The seat of the controller, the countries for which the form is, and the representative on record.',
        'unseen' => 'Whether asking there is occasional.',
    ],
];
