<?php

declare(strict_types=1);

return [
    'existing-customer' => [
        'name' => 'Existing customers',
        'says' => 'Instead of consent: an address from a sale, own similar goods, a no offered at once and in each mail, at no cost.',
        'checks' => 'Of our own points what the register of purposes says; of others a no that is offered with an order, or offers of similar goods that an order is told to lead to: a breach where nobody can say no to them there.',
        'unseen' => 'Where addresses come from, and what is advertised.',
    ],
    'ca-identified' => [
        'name' => 'Canada: who asks',
        'says' => 'Who asks, for whom, a mailing address and one more way to reach them, and that consent can be withdrawn.',
        'checks' => 'Forms that address Canada.',
        'unseen' => 'On whose behalf, where that is not said.',
    ],
    'ca-unsubscribe' => [
        'name' => 'Canada: unsubscribing',
        'says' => 'In Canada whoever unsubscribes is left alone within ten business days, and the way out works for sixty days.',
        'checks' => 'People who withdrew sixteen days ago or earlier, two holidays allowed for, and of whom a destination has not acknowledged it.',
        'unseen' => 'Messages sent from elsewhere.',
    ],
    'call-register' => [
        'name' => 'Call registers',
        'says' => 'Before anybody is called, the registers of those who want no calls are looked up where the country has one.',
        'checks' => 'A person is asked, of each point of ours where people agree to calls.', 'unseen' => 'It stands on no form.',
    ],
    'regions-strict' => [
        'name' => 'Strict where unknown',
        'says' => 'Nobody is asked less because a guess of their place says so.',
        'checks' => 'Whether the form says for which countries it is, or the house takes the strictest rule for nobody knows where.',
        'unseen' => 'Where a visitor is.',
    ],
];
