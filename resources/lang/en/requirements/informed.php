<?php

declare(strict_types=1);

return [
    'controller-named' => [
        'name' => 'Controller named',
        'says' => 'Whoever agrees knows to whom.',
        'checks' => 'A name on the form or, where the whole page is known, in its title, head or foot.',
        'unseen' => 'Whether that is who answers for the form.',
    ],
    'purpose-said' => [
        'name' => 'Purpose said',
        'says' => 'What will be sent or done is said so that one can picture it. In Germany the goods that are advertised are named.',
        'checks' => 'Words that say what comes; “news”, “offers” and “updates” alone say little.',
        'unseen' => 'What is sent in truth.',
    ],
    'withdrawal-said' => [
        'name' => 'Withdrawal said',
        'says' => 'Before agreeing one is told that it can be withdrawn at any time.',
        'checks' => 'Sentences that say how it ends, on the form or its page, and not what another form there says of its own letter. A linked notice may say it'
            .' too, so its absence on the form is then a weakness.',
        'unseen' => 'The linked notice. A right to return goods is not it.',
    ],
    'notice-linked' => [
        'name' => 'Notice linked',
        'says' => 'Whoever collects details says what becomes of them, where it collects them.',
        'checks' => 'A link to a notice at the form or on its page that leads somewhere, or a button or a fold that shows one; links to terms alike.',
        'unseen' => 'What stands behind the link, and what a button opens by a script.',
    ],
    'recipients-named' => [
        'name' => 'Recipients named',
        'says' => 'Whoever relies on the consent for its own use is named, or stands in a list behind a link.',
        'checks' => 'Words that pass details on, beside a control or for advertising without one, and names beside them, in a sentence of their own,'
            .' or in a linked list.',
        'unseen' => 'Passing on that is not said.',
    ],
    'objection-highlighted' => [
        'name' => 'Objection shown',
        'says' => 'Where people are written to without consent, their right to object stands clearly and apart, with the first message at the latest; in Germany'
            .' where the address is collected.',
        'checks' => 'Order forms that offer a no, and a sentence of its own about objecting.',
        'unseen' => 'The first message.',
    ],
    'rate-said' => [
        'name' => 'How often',
        'says' => 'No law asks for it. Who knows how often something comes stays longer.',
        'checks' => 'Words that say how often, or on what occasion, those of answers that a list offers among them; when a shop is open, or what a week costs, says nothing of what is sent.',
        'unseen' => '',
    ],
    'tracking-said' => [
        'name' => 'Measuring said',
        'says' => 'That opens and clicks are measured is said; where it stores or reads on the device, it is asked for by itself.',
        'checks' => 'Of our own points what the register of purposes says; of other forms their words.',
        'unseen' => 'Measuring that nobody says.',
    ],
    'notice-complete' => [
        'name' => 'Notice complete',
        'says' => 'The notice says who, why and by what right, who gets it, how long it is kept, which rights there are, where to complain, and whether details must'
            .' be given.',
        'checks' => 'Where the text of the notice is held on the controller\'s record, each point of Art. 13 is looked for by the words that speak of it, the'
            .' controller by its name, and its data protection officer where one is on record; else one question asks.',
        'unseen' => 'Whether what it says is right.',
    ],
    'notice-matches' => [
        'name' => 'Notice matches',
        'says' => 'What statements ask for stands in the notice too.',
        'checks' => 'Of our own points, where the text of the notice is held here: each purpose and channel.',
        'unseen' => 'Notices that are not held here.',
    ],
    'automated-decision' => [
        'name' => 'No machine alone',
        'says' => 'Where a machine alone decides what matters to people, there is a ground for it, it is explained, and a human can be turned to.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.',
    ],
    'plain-words' => [
        'name' => 'Plain words',
        'says' => 'Consent is asked for in clear and plain words.',
        'checks' => 'Reading ease, length of sentences, double negatives, legalese; by language.',
        'unseen' => 'Whether those who are asked understand it.',
    ],
    'language-offered' => [
        'name' => 'Every language',
        'says' => 'Who is addressed in a language reads everything in it.',
        'checks' => 'Of our own points every text in every language offered; of others whether the consent is in its page\'s language,'
            .' and whether a form that is all in another says so (lang), since it is read out by what it says. What such a consent says of how often, and of its end, counts.'
            .' '
            .'What a page says in a language that is not read here is judged by nothing; the officer is asked.',
        'unseen' => 'Mails and errors of other systems.',
    ],
    'legible' => [
        'name' => 'Legible',
        'says' => 'What is agreed to can be read: contrast of 4.5 to 1, not smaller than the rest, labels that stay.',
        'checks' => 'Colours, sizes and what shows through, as elements or the styles of the page have them, at boxes and of the words that people agree to;'
            .' fields whose only label goes when somebody types, boxes whose words are only read out, and boxes without any words.',
        'unseen' => 'What style sheets in other files do that did not come with the page, and words on a ground that only they set.',
    ],
];
