<?php

declare(strict_types=1);

return [
    'fields-needed' => [
        'name' => 'Fields needed',
        'says' => 'What is asked has a reason, said beside it or plain from what the form is for.',
        'checks' => 'Phone, birthday, gender, postal address and employer without a reason; required, it is a breach. A number that may be left out has one where calls or'
            .' texts are asked for, any where one asks to be called back, a birthday where insurance, wine or flights are. A reason is read in its label, beside'
            .' it, in a tip, or in a sentence elsewhere on the form that names the field.',
        'unseen' => 'Reasons that are not said.',
    ],
    'optional-marked' => [
        'name' => 'Optional marked',
        'says' => 'What must be filled in and what need not are told apart.',
        'checks' => 'Required and optional fields side by side with no word or sign that tells them apart.',
        'unseen' => 'Signs that style sheets draw.',
    ],
    'special-data' => [
        'name' => 'Special data',
        'says' => 'Health, belief, origin, union, sexual life and the like need a ground of their own.',
        'checks' => 'Fields, lists and boxes that ask for such things. Where advertising is the only use it is a breach, else a question.',
        'unseen' => 'What people write by themselves.',
    ],
    'no-friends-address' => [
        'name' => 'No friend’s address',
        'says' => 'Whoever has an address agrees by itself, and is told where it came from.',
        'checks' => 'Fields for the address or number of somebody else, and words that say it is written to.',
        'unseen' => '',
    ],
    'children' => [
        'name' => 'Children',
        'says' => 'A service offered to children on consent asks their age and, below the country\'s, a parent.',
        'checks' => 'Words that speak to children, and an age or a parent that is asked for.',
        'unseen' => 'Who sits before the screen.',
    ],
    'address-trimmed' => [
        'name' => 'Addresses truncated',
        'says' => 'A whole network address says more than the proof of consent needs.',
        'checks' => 'The network addresses among the last 500 values are looked at.',
        'unseen' => 'What web servers and lists write down.',
    ],
    'retention-set' => [
        'name' => 'Deleted in time',
        'says' => 'What is kept has a time, and is deleted when it is over.',
        'checks' => 'Messages and held submissions that stand a day past the time that was set; what a request still needs is apart.',
        'unseen' => 'Backups.',
    ],
    'nothing-before-sending' => [
        'name' => 'Nothing before sending',
        'says' => 'Nothing is stored on a device or read from it that is not strictly necessary.',
        'checks' => 'Scripts within the page that store or read as it opens, and those that send away what is typed before it is sent.',
        'unseen' => 'What scripts in other files do.',
    ],
];
