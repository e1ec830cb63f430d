<?php

declare(strict_types=1);

return [
    'no-preset-answer' => [
        'name' => 'No answer set before',
        'says' => 'Consent is a clear act. A box that is ticked already, a choice that stands on yes, a switch that is on: whoever only leaves it has done nothing.',
        'checks' => 'Every box, choice, list and switch that asks for consent is looked at as the page opens, those made of other elements too;'
            .' boxes that name a channel or a subject, with the question over them; and boxes that a script on the page ticks at once. How an answer is'
            .' to come is no consent.',
        'unseen' => 'A script in a file of its own may set an answer once the page is open.',
    ],
    'no-hidden-consent' => [
        'name' => 'No hidden consent',
        'says' => 'Nobody agrees to what nobody sees.',
        'checks' => 'Hidden fields whose names speak of news, marketing or consent and whose value is a yes. The twin of an empty box, versions and lists are none;'
            .' a ticked box that nobody sees is one, and so is a yes in the address that the form is sent to, among several values in one field, or under a box'
            .' that is only drawn.',
        'unseen' => 'What the server or a script adds by itself.',
    ],
    'no-consent-by-sending' => [
        'name' => 'Not by sending',
        'says' => 'Who orders or asks something has not agreed to advertising by it.',
        'checks' => 'Sentences that take sending, registering, ordering, giving details or going on for a yes to being written to. Signing up is a clear act on a form'
            .' for what is sent, and on no other; using what was sent to answer it is nothing that needs a yes. And a yes that is written down for'
            .' the person ("I agree that ...") where no box or button gives it.',
        'unseen' => 'Words on another page.',
    ],
    'asks-yes-not-no' => [
        'name' => 'Asks for a yes',
        'says' => 'A box is ticked to agree, not to refuse. The rule for existing customers is another.',
        'checks' => 'Words beside a box that make a tick a no, to being written to or to giving details away.',
        'unseen' => 'What the server makes of a tick.',
    ],
    'consent-asked' => [
        'name' => 'Is asked at all',
        'says' => 'A form that serves something else and leads to advertising asks for it. One that serves only that, and says so, needs no box.',
        'checks' => 'On a form without a control for it: sentences that announce advertising, say that details are used for it, give them away for it, or ask only those'
            .' to speak up who want none. An order that is told to lead to offers of goods like those ordered is judged by the rule for existing customers.',
        'unseen' => 'Advertising that is not announced.',
    ],
];
