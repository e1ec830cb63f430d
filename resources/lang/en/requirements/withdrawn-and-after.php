<?php

declare(strict_types=1);

return [
    'withdrawal-as-easy' => [
        'name' => 'Easy to withdraw',
        'says' => 'Withdrawing is as easy as agreeing.',
        'checks' => 'Of the withdrawals of the last ninety days, those told by phone, letter or message are counted: of five or more, no more than half.',
        'unseen' => 'Who gave up.',
    ],
    'withdrawal-passed-on' => [
        'name' => 'Withdrawal passed on',
        'says' => 'A withdrawal holds for everybody who was given the details.',
        'checks' => 'For each destination: people who withdrew more than a day ago and of whom it has not acknowledged it, and people it took in afterwards.',
        'unseen' => 'What a destination does with what it acknowledged.',
    ],
    'refresh-due' => [
        'name' => 'Old consent renewed',
        'says' => 'Consent fades: people forget what they agreed to.',
        'checks' => 'Permissions that are older than the months that the purpose sets, or the house.',
        'unseen' => 'Whether people still expect it.',
    ],
    'consents-reviewed' => [
        'name' => 'Consents reviewed',
        'says' => 'When purposes or relations change, somebody looks whether consent still covers it.',
        'checks' => 'A person is asked.',
        'unseen' => 'Changes that nobody tells.',
    ],
    'requests-in-time' => [
        'name' => 'Requests in time',
        'says' => 'Requests under Art. 15 to 22 are answered within a month, two months longer where that is said.',
        'checks' => 'Requests that came through the form in the last year: those overdue, and those answered after their day.',
        'unseen' => 'What was answered.',
    ],
    'sender-shown' => [
        'name' => 'Sender shown',
        'says' => 'Who sends a mail is not hidden, and an answer reaches somebody.',
        'checks' => 'Of other forms the mail that they send, where you give it (.eml): a name, and an address for answers that is read.',
        'unseen' => 'Who reads it.',
    ],
];
