<?php

declare(strict_types=1);

return [
    'confirmed-address' => [
        'name' => 'Address confirmed',
        'says' => 'That an address agreed must be provable; a confirmation through it is the accepted proof, and in Germany and Austria expected.',
        'checks' => 'Of our own points the rule of the sheet.',
        'unseen' => 'What other systems do.',
    ],
    'confirmed-number' => [
        'name' => 'Number confirmed',
        'says' => 'Who agrees to calls or messages confirms through that number. A mail proves nothing of it.',
        'checks' => 'The channels of the point\'s statements, and whether whoever agrees confirms first.',
        'unseen' => 'Who holds the phone.',
    ],
    'confirmation-clean' => [
        'name' => 'Mail clean',
        'says' => 'A confirmation mail repeats what is agreed to, has one thing to press, says what happens to whoever does nothing, and sells nothing. There'
            .' is nothing to unsubscribe from yet; in Canada every commercial message has a way out.',
        'checks' => 'Of our own points nothing is left to check: those parts are locked. Of other forms the mail that they send, where you give it (.eml): its words'
            .' in five languages, what stands beside its subject in the list of mails, and its links; a house\'s sign, help and legal details are nothing to press.',
        'unseen' => 'Whether that is the mail that everybody gets.',
    ],
    'confirmation-deliberate' => [
        'name' => 'Confirmed by a person',
        'says' => 'A link in a mail is opened by programs too. Only a person\'s press is consent.',
        'checks' => 'Of the confirmations of the last ninety days, those within three seconds of the mail\'s acceptance are counted: five or more, and one in fifty, are told of.',
        'unseen' => 'A program that waits before it presses.',
    ],
    'unconfirmed-lapse' => [
        'name' => 'Unconfirmed lapse',
        'says' => 'What nobody confirmed is no consent, and there is no ground to keep it.',
        'checks' => 'Sign-ups that wait a day past their end, or 31 days after asking, are counted.',
        'unseen' => 'Copies in mailboxes and backups.',
    ],
    'gift-after-confirmation' => [
        'name' => 'Gift after confirming',
        'says' => 'A gift that comes at once is a reason to enter anybody\'s address.',
        'checks' => 'Whether the point\'s gift comes by a link, and whether whoever agrees confirms first. What is handed over on the spot is apart.',
        'unseen' => 'What partners give.',
    ],
    'evidence-complete' => [
        'name' => 'Evidence complete',
        'says' => 'The controller can show that somebody agreed: who, when, to which words, and how.',
        'checks' => 'Of every permission that stands: whether an address is kept, whether its entry is in the ledger with its words, and whether it was confirmed where the point asks.',
        'unseen' => 'Whether the entries are as they were written: that is proved by "ledger:verify".',
    ],
    'wording-approved' => [
        'name' => 'Wording approved',
        'says' => 'Words that bind the house are approved, by somebody else where four eyes are on.',
        'checks' => 'Of our own points the editions of its statements, and questions of a point’s own that ask for consent: nobody approves those.',
        'unseen' => '',
    ],
    'edition-current' => [
        'name' => 'Edition current',
        'says' => 'An old copy on some page goes on asking in words that were replaced.',
        'checks' => 'Sign-ups of the last thirty days through an edition that another had replaced a day before, by where they came from.',
        'unseen' => 'Copies through which nobody signed up.',
    ],
    'purpose-unchanged' => [
        'name' => 'Purpose unchanged',
        'says' => 'Who agreed to voyage news has not agreed to anything else.',
        'checks' => 'People whom a destination has taken in are held against what they were ever asked for, by purpose and channel of the list.',
        'unseen' => 'What is done with a list elsewhere.',
    ],
    'de-phone-proof' => [
        'name' => 'Germany: proof of calls',
        'says' => 'In Germany consent to calls is documented and kept for five years, from consent and from each use.',
        'checks' => 'Consent to calls of the last five years of which no value is kept any more.',
        'unseen' => 'When calls were made.',
    ],
    'processing-recorded' => [
        'name' => 'Processing recorded',
        'says' => 'The record of processing says what is done with details, why, who gets them and when they are deleted.',
        'checks' => 'Whether the registers hold what its entry needs; the report prints the entry.',
        'unseen' => 'Records kept elsewhere.',
    ],
];
