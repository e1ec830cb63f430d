<?php

declare(strict_types=1);

return [
    'apart-from-terms' => [
        'name' => 'Apart from terms',
        'says' => 'Consent stands apart from terms, conditions and the notice. A link to the notice within its words is fine.',
        'checks' => 'One control whose words agree to both, or confirm that the notice was read.',
        'unseen' => 'Terms that ask for consent themselves.',
    ],
    'one-purpose-each' => [
        'name' => 'One purpose each',
        'says' => 'Different purposes are agreed to one by one: own news, and passing the address on, are two.',
        'checks' => 'Words of a control that send something and pass details on, show pictures, ask people to answer surveys, or use them in another way.'
            .' Offers that are shown to fit what somebody bought are one purpose, and so is an invitation to a survey and nothing else.',
        'unseen' => 'Purposes that the words do not name.',
    ],
    'channel-choice' => [
        'name' => 'Choice of channel',
        'says' => 'Who wants mails need not want calls.',
        'checks' => 'Several channels in the words of one control, with no way to choose among them.',
        'unseen' => 'A choice that comes later.',
    ],
    'notice-not-agreed' => [
        'name' => 'Notice not “accepted”',
        'says' => 'A privacy notice tells; nobody agrees to it. Asking for that makes it look like a contract.',
        'checks' => 'Controls whose words accept, or agree to, the notice; on pages of others sentences beside no control, too.',
        'unseen' => '',
    ],
];
