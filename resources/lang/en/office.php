<?php

declare(strict_types=1);

/* Words of the office. */
return [
    'acts' => [
        'given' => 'Agreed',
        'refused' => 'Chose no',
        'confirmation-sent' => 'Confirmation mail sent',
        'confirmation-sent-reminder' => 'Reminder sent',
        'confirmation-sent-resent' => 'Confirmation mail sent once more',
        'confirmation-sent-number' => 'Message to the number sent',
        'confirmed' => 'Confirmed from the mail',
        'confirmed-number' => 'Confirmed from the message',
        'lapsed' => 'Lapsed, not confirmed',
        'not-theirs' => 'Said: that was not me',
        'address-corrected' => 'Address mended before it was confirmed',
        'undeliverable' => 'The mail came back',
        'withdrawn' => 'Withdrew',
        'erased' => 'Values deleted',
    ],
    'how' => [
        'form-served' => 'from our own page, which was served as frozen',
        'link-page' => 'by the button behind the link',
        'one-click' => 'by the mail program\'s one-click button',
        'clock' => 'by the clock',
        'message-accepted' => 'taken by whoever carries messages to numbers',
        'mail-returned' => 'refused by the mail server, or returned',
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
        'confirmation' => 'Confirmation', 'reminder' => 'Reminder', 'resent' => 'Confirmation, once more', 'number-confirmation' => 'Confirmation of a number', 'welcome' => 'Welcome', 'checkpoint' => 'Checkpoint',
        'enquiry' => 'Enquiry to the team', 'acknowledgement' => 'Acknowledgement',
        'invitation' => 'Invitation', 'password' => 'New password', 'to-a-colleague' => 'to a colleague',
    ],
    'enquiry-mail' => [
        'subject' => 'Enquiry: :point', 'doubtful-subject' => 'Enquiry, perhaps not from a person: :point',
        'doubtful' => 'Screening took this for a program\'s. Please look at it all the same.',
        'whole' => 'This came through “:point” on :when. An answer to this mail reaches who sent it.',
        'notice' => 'Something came through “:point” on :when. An answer to this mail reaches who sent it.',
        'corrected-subject' => 'Address mended: :point',
        'corrected' => 'Whoever sent it has mended the address since. An answer to this mail reaches the right one; one to the mail before does not.',
        'read' => 'Read it, take it or close it: :link',
    ],
    'entry-mail' => [
        'invitation' => [
            'subject' => 'Your account for Juramen',
            'text' => "Hello :name,\n\nan account was opened for you, as :role. Set a password here:\n:link\n\nThe link holds until :until and can be used once.\n"
                ."If you do not know what this is about, you need do nothing.\n",
        ],
        'password' => [
            'subject' => 'A new password for Juramen',
            'text' => "Hello :name,\n\nsomebody asked for a new password for your account. If it was you, set one here:\n:link\n\n"
                ."The link holds until :until and can be used once. If it was not you, you need do nothing: your password stays as it is.\n",
        ],
    ],
    'act-areas' => [
        'points' => 'signup points', 'wording' => 'words and registers', 'screening' => 'what was held or kept', 'evidence' => 'people',
        'requests' => 'requests of people', 'mail' => 'mails and work', 'accounts' => 'accounts and signing in',
    ],
    'did' => [
        'signed-in' => 'signed in', 'signed-out' => 'signed out', 'sign-in-refused' => 'tried to sign in as :about',
        'set-password' => 'set a password', 'asked-for-password' => 'asked for a new password for :about',
        'began-second-factor' => 'began to be asked for a code', 'ended-second-factor' => 'is asked for no code any more',
        'used-recovery-code' => 'signed in with a recovery code', 'renewed-codes' => 'made new recovery codes',
        'ended-session' => 'ended a session', 'invited' => 'invited :about',
        'changed-account' => 'changed the account of :about', 'ended-account' => 'ended the account of :about',
        'reopened-account' => 'opened the account of :about again', 'dropped-second-factor' => 'ended the code at sign-in for :about',
        'wrote' => 'wrote in the draft of :about', 'began' => 'began :about', 'renamed' => 'renamed :about', 'submitted' => 'submitted :about for approval',
        'took-back' => 'took :about back', 'returned' => 'returned :about', 'approved' => 'approved :about', 'retired' => 'retired :about',
        'published' => 'published :about', 'paused' => 'paused :about', 'resumed' => 'put :about on again',
        'looked-for' => 'looked for a person', 'looked-at' => 'looked at the evidence of :about', 'printed' => 'opened the evidence of :about for printing',
        'told-withdrawal' => 'recorded a withdrawal that came to us', 'released' => 'released what was held at :about',
        'ran-draw' => 'ran the draw of :about',
        'gave-enquiry' => 'handed on an enquiry from :about', 'closed-enquiry' => 'closed an enquiry from :about',
        'reopened-enquiry' => 'opened an enquiry from :about again', 'read-enquiry' => 'read an enquiry from :about',
        'recorded-request' => 'recorded a request that came by :about', 'extended-request' => 'took more time for a request that came by :about',
        'answered-request' => 'answered a request that came by :about', 'reopened-request' => 'opened a request that came by :about again',
        'dropped-request' => 'said that a message from :about asks for nothing of the kind',
        'deleted' => 'deleted what was kept from :about', 'sent-again' => 'sent mail :about again', 'left-mail' => 'left mail :about as it is',
        'did-work-again' => 'had failed work done again', 'left-work' => 'left failed work', 'took-file' => 'took :about from a file',
        'answered-note' => 'answered a note about :about', 'said-read-wrongly' => 'said that :about was read wrongly',
    ],
    // What people ask for, as a list says it, and as a sentence goes on after "It asks".
    'rights' => [
        'access' => ['name' => 'Access and a copy', 'asks' => 'for access, and a copy of their data'],
        'rectification' => ['name' => 'Correction', 'asks' => 'for data to be corrected'],
        'erasure' => ['name' => 'Erasure', 'asks' => 'for data to be erased'],
        'restriction' => ['name' => 'Restriction', 'asks' => 'for data to be kept but not used'],
        'portability' => ['name' => 'Handing over', 'asks' => 'for data in a file to take along'],
        'objection' => ['name' => 'Objection', 'asks' => 'that data are not used, for reasons of their own'],
    ],
    // How long an answer may take, after "It".
    'deadlines' => [
        'month' => 'answers within a month of the day on which a request arrived, or, where it says within that month why it takes longer, within three.',
        'thirty-days' => 'answers within thirty days, or, where it says within these why it takes longer, within sixty.',
        'thirty-days-only' => 'answers within thirty days.',
        'caution' => 'answers within a month. We know no law of its country, so this is a caution.',
    ],
    'sources' => [
        'law' => 'A law.', 'case' => 'A decision of a court or an authority.', 'guide' => 'Guidance of regulators.',
        'ours' => 'Good practice of ours; never more than a weakness.',
    ],
    'work' => ['ForgetMails' => 'Telling the mailbox to forget mails to somebody whom we have forgotten'],
    'problems' => [
        'no-such-mailbox' => 'There is no such mailbox',
        'carrier-said' => 'Whoever carries messages to numbers said :code',
        'no-carrier' => 'Nobody is set up to carry messages to numbers',
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
    'values' => ['email' => 'Email', 'file' => 'The letter or message', 'first-name' => 'First name', 'name' => 'Name', 'phone' => 'Phone', 'country' => 'Country', 'network' => 'Network, truncated'],
    // Kinds of fields, as officers call them.
    'field-kinds' => [
        'first-name' => 'First name', 'last-name' => 'Last name', 'name' => 'Name', 'email' => 'Email', 'phone' => 'Phone',
        'postal' => 'Postal address', 'country' => 'Country', 'language' => 'Language', 'birthday' => 'Date of birth', 'age' => 'Age', 'choice' => 'Choice of one, from a list', 'pick' => 'Choice of one, all in sight',
        'choices' => 'Choice of several', 'message' => 'Message', 'terms' => 'Terms to accept', 'source' => 'Hidden source mark',
    ],
];
