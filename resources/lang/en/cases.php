<?php

declare(strict_types=1);

/* What no form of others shows by itself: how a requirement is kept, and how it is missed. */
return [
    'no-penalty' => [
        'kept' => 'Whoever leaves the voyage news keeps the fare and the seat that were booked.',
        'missed' => 'Crossings cost ten more for whoever does not take the offers.',
    ],
    'no-imbalance' => [
        'kept' => 'Passengers are asked after the crossing, and nothing hangs on the answer.',
        'missed' => 'Deckhands are asked by their captain to agree to pictures of themselves.',
    ],
    'basis-fits' => [
        'kept' => 'News stop once consent is withdrawn.',
        'missed' => 'After a withdrawal the news go on, now as a legitimate interest.',
    ],
    'notice-complete' => [
        'kept' => 'The notice names the controller, why and by what right, who gets details, for how long, the rights, and the authority.',
        'missed' => 'The notice says everything but where one can complain.',
    ],
    'notice-matches' => [
        'kept' => 'The form asks for voyage news by email, and the notice speaks of both.',
        'missed' => 'The form asks for delay alerts by SMS, and the notice knows emails alone.',
    ],
    'automated-decision' => [
        'kept' => 'A person looks at every application for a job on board.',
        'missed' => 'A program turns applicants down, nobody looks, and nobody is told.',
    ],
    'confirmed-address' => [
        'kept' => 'Whoever ticks gets a mail, and is written to once its button is pressed.',
        'missed' => 'An address that anybody typed is written to the same day.',
    ],
    'confirmed-number' => [
        'kept' => 'Delay alerts by SMS begin once the link in a message to that number was pressed.',
        'missed' => 'A mail was confirmed, and the number typed beside it is called.',
    ],
    'confirmation-clean' => [
        'kept' => 'The mail repeats the words, has one button, and says that doing nothing is enough for whoever did not ask.',
        'missed' => 'The mail shows three cabins on offer above its button.',
    ],
    'confirmation-deliberate' => [
        'kept' => 'Of a thousand confirmations, three came within three seconds of the mail.',
        'missed' => 'Forty of a thousand did: faster than anybody reads.',
    ],
    'unconfirmed-lapse' => [
        'kept' => 'A sign-up that nobody confirmed is gone after seven days.',
        'missed' => 'One of ten weeks ago is still kept, since the scheduler stands still.',
    ],
    'gift-after-confirmation' => [
        'kept' => 'The walking guide comes with the page that says "confirmed".',
        'missed' => 'The guide can be loaded as soon as any address was typed.',
    ],
    'evidence-complete' => [
        'kept' => 'Of 1,204 consents that stand, each has an address, an entry with its words, and a confirmation.',
        'missed' => 'Two stand whose entries are in no ledger.',
    ],
    'wording-approved' => [
        'kept' => 'Arne approved the words that Malin wrote.',
        'missed' => 'The words of the cabin draw were never submitted.',
    ],
    'edition-current' => [
        'kept' => 'Nothing of the last thirty days came from a copy that was replaced.',
        'missed' => 'A kiosk still shows edition 2, and three people signed up by it on Sunday.',
    ],
    'purpose-unchanged' => [
        'kept' => 'The list of voyage news has only people on it who were asked for voyage news by email.',
        'missed' => 'Somebody who asked for delay alerts stands on it too.',
    ],
    'de-phone-proof' => [
        'kept' => 'Consent to calls of four years ago can be shown, though it was withdrawn since.',
        'missed' => 'Its details were deleted after three years.',
    ],
    'processing-recorded' => [
        'kept' => 'Purpose, what comes, recipients and times stand in the registers, and the report prints the entry.',
        'missed' => 'Nobody has written what comes by a purpose.',
    ],
    'address-trimmed' => [
        'kept' => '203.0.113.0/24 is kept.',
        'missed' => '203.0.113.77 is kept.',
    ],
    'retention-set' => [
        'kept' => 'Held submissions are gone on their day.',
        'missed' => 'One of last month still waits, undecided.',
    ],
    'withdrawal-as-easy' => [
        'kept' => 'Nine of ten who withdrew pressed the link in a mail.',
        'missed' => 'Six of ten had to ring or write, though a link is in every mail.',
    ],
    'withdrawal-passed-on' => [
        'kept' => 'The list service acknowledged each withdrawal within the hour.',
        'missed' => 'It refuses calls since Friday, and four people who withdrew are still on its list.',
    ],
    'refresh-due' => [
        'kept' => 'Nobody was last asked longer ago than the 24 months that the house sets.',
        'missed' => 'Three consents are 30 months old and still used.',
    ],
    'consents-reviewed' => [
        'kept' => 'When the ferries began to sell concerts, an officer looked whether old consents cover them, and said no.',
        'missed' => 'Concerts went out to everybody who had asked for fares.',
    ],
    'requests-in-time' => [
        'kept' => 'Asked on 3 June, answered on 20 June.',
        'missed' => 'Asked on 3 June, answered on 12 July, and nobody was told that it would take longer.',
    ],
    'sender-shown' => [
        'kept' => 'The mail comes from Tidewick Ferries, and an answer reaches its privacy office.',
        'missed' => 'The mail comes from no-reply, without a name.',
    ],
    'processor-bound' => [
        'kept' => 'Quayside Post sends the mails under a contract of 3 March 2025, in Germany.',
        'missed' => 'A survey house abroad gets addresses, without a contract or a ground of the transfer.',
    ],
    'joint-arrangement' => [
        'kept' => 'The prize draw with a hotel has an arrangement, and its essence can be read beside it.',
        'missed' => 'Both use the addresses, and neither says who answers for what.',
    ],
    'representative-named' => [
        'kept' => 'Tidewick Ferries sits in the United Kingdom, asks people in Germany, and names its office in Marsund.',
        'missed' => 'It asks them and names nobody there.',
    ],
    'existing-customer' => [
        'kept' => 'An order says beside the button that similar cabins will be offered by email, with a box for a no and the right to object; every mail repeats it.',
    ],
    'ca-identified' => [
        'kept' => 'The form has name, postal address and a telephone number, and says that consent can be withdrawn.',
        'missed' => 'It has a name alone.',
    ],
    'ca-unsubscribe' => [
        'kept' => 'Whoever unsubscribed on the first is off every list on the second.',
        'missed' => 'On the twentieth a destination has still not acknowledged it.',
    ],
    'call-register' => [
        'kept' => 'Numbers are looked up in the register of those who want no calls before a campaign begins.',
        'missed' => 'The register is not looked at.',
    ],
    'regions-strict' => [
        'kept' => 'The form says no countries, and the house takes the strictest rule then.',
        'missed' => 'Visitors from nobody knows where are asked less.',
    ],
];
