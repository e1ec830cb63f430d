<?php

declare(strict_types=1);

/* Words of the office. */
return [
    'acts' => [
        'given' => 'Agreed',
        'confirmation-sent' => 'Confirmation mail sent',
        'confirmed' => 'Confirmed from the mail',
        'lapsed' => 'Lapsed, not confirmed',
        'withdrawn' => 'Withdrew',
        'erased' => 'Values deleted',
    ],
    'how' => [
        'form-served' => 'from our own page, which was served as frozen',
        'link-page' => 'by the button behind the link',
        'one-click' => 'by the mail program\'s one-click button',
        'clock' => 'by the clock',
        'mail-accepted' => 'taken by the mail server',
        'phone' => 'told by phone', 'letter' => 'by a letter', 'message' => 'by a message to the house', 'in-person' => 'told face to face',
        'officer' => 'by an officer',
    ],
    'told' => ['phone' => 'by phone', 'letter' => 'by letter', 'message' => 'in a message', 'in-person' => 'in person'],
    'signals' => [
        'trap-touched' => 'The field that people do not see was filled in',
        'too-fast' => 'Sent faster than anybody types',
        'many-for-address' => 'This address was entered many times within a day',
    ],
    'mail-tabs' => ['waiting' => 'Waiting', 'claimed' => 'Being sent', 'sent' => 'Sent', 'failed' => 'Failed', 'uncertain' => 'Uncertain', 'left' => 'Left'],
    'mail-states' => [
        'waiting' => 'To be sent when due.',
        'claimed' => 'A worker has these in hand right now.',
        'sent' => 'The mail server took these.',
        'failed' => 'The mail server refused these for good, or their reason is gone.',
        'left' => 'These were uncertain, and somebody decided to leave them so.',
        'uncertain' => 'A worker stopped, or the server fell silent, after it may have taken the mail. Nothing is sent twice by itself: decide whether to send again.',
    ],
    'mails' => [
        'confirmation' => 'Confirmation', 'reminder' => 'Reminder', 'welcome' => 'Welcome', 'checkpoint' => 'Checkpoint',
        'to-a-colleague' => 'to an auditor',
    ],
    'sources' => [
        'law' => 'A law.', 'case' => 'A decision of a court or an authority.', 'guide' => 'Guidance of regulators.',
        'ours' => 'Good practice of ours; never more than a weakness.',
    ],
    'work' => ['ForgetMails' => 'Telling the mailbox to forget mails to somebody whom we have forgotten'],
    'problems' => [
        'server-said' => 'The mail server said :code',
        'worker-gone' => 'The worker stopped with this mail in hand',
        'no-answer' => 'The server fell silent after it had the mail',
        'no-connection' => 'The mail server could not be reached',
        'not-composed' => 'The mail could not be put together',
        'not-handed-over' => 'The mail server cannot take a mail to such an address',
        'not-entered' => 'The worker stopped with this mail in hand, and its outcome could not be entered',
        'restored' => 'An older database was restored while this mail waited in it',
        'no-longer-wanted' => 'Its reason was gone before it was sent',
    ],
    'values' => ['email' => 'Email', 'first-name' => 'First name', 'name' => 'Name', 'phone' => 'Phone', 'country' => 'Country', 'network' => 'Network, truncated'],
];
