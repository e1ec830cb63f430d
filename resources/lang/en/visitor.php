<?php

declare(strict_types=1);

/* Words that visitors read: around the form, in mails, and on the pages of a journey. */
return [
    'form' => [
        'required' => 'required',
        'optional' => 'optional',
        'notice' => 'Privacy notice',
        'asked-by' => 'Asked by',
        'leave-empty' => 'Please leave this field empty',
        'languages' => 'Languages',
    ],
    'again' => [
        'errors' => 'Nothing has been sent yet. Please look at this once more:',
        'fast' => 'That was very quick, and programs send forms quickly too. Please check your details and send once more.',
        'check' => 'Please check your details, tick again what you agree to, and send. Nothing has been sent yet.',
        'old' => 'This page has lain open for a long time. Please check your details and send once more; nothing has been sent yet.',
        'spent' => 'This page was sent before with other details. If you want to send these too, press the button once more.',
        'down' => 'We could not save this just now. Nothing is lost: what you typed stands below. Please send once more in a few minutes.',
    ],
    'email' => [
        'missing' => 'Please give your email address.',
        'too-long' => 'This email address is too long; the longest have 254 characters.',
        'no-at' => 'An email address has an @ in it, like name@post.example.',
        'space' => 'An email address has no spaces in it.',
        'domain' => 'The part behind the @ is not complete; it looks like post.example.',
        'malformed' => 'This is not an email address that mail can reach; it looks like name@post.example.',
    ],
    'field' => [
        'missing' => 'Please fill this in: :label.',
        'too-long' => 'At most :most characters fit here; these are :count.',
        'line' => 'This fits on one line only.',
    ],
    'tick' => 'Without your tick we have nothing to send. Please tick the box if you agree.',
    'sent' => [
        'title' => 'Check your inbox',
        'text' => 'We have sent a mail to the address you gave. Press the button in it, and you are signed up. Until then nothing happens.',
        'days' => 'The button works for :days days; after that we delete your details.',
        'none' => 'No mail after a few minutes? Look into your junk folder, or sign up once more.',
        'done' => 'You are signed up. A welcome mail is on its way.',
        'done-title' => 'Thank you',
    ],
    'confirm' => [
        'title' => 'One press, and you are signed up',
        'text' => 'You are about to confirm:',
        'button' => 'Yes, sign me up',
        'not-you' => 'If you did not ask for this, close this page. Nothing will be sent, and the address will be deleted.',
    ],
    'confirmed' => [
        'title' => 'You are signed up',
        'text' => 'Thank you. A welcome mail is on its way; every mail has a link with which you can leave at any time.',
        'junk' => 'So that our mails do not end up in your junk folder, add :sender to your address book.',
    ],
    'already' => ['title' => 'You had confirmed already', 'text' => 'There is nothing left to do; you are signed up.'],
    'lapsed' => ['title' => 'This link has ended', 'text' => 'The sign-up was not confirmed in time, so we deleted it. Nothing was sent. You are welcome to sign up once more.'],
    'journey-withdrawn' => ['title' => 'This sign-up was withdrawn', 'text' => 'It was withdrawn before it was confirmed. Nothing will be sent.'],
    'withdraw' => [
        'title' => 'Stop our mails?',
        'text' => 'You withdraw your consent to this:',
        'button' => 'Stop these mails',
        'keep' => 'If you want to keep them, just close this page.',
    ],
    'withdrawn' => ['title' => 'Done: we will not write to you again', 'text' => 'Your consent is withdrawn from this moment on. No reason, no password, no costs.'],
    'withdrawn-already' => ['title' => 'Nothing is left to stop', 'text' => 'Your consent was withdrawn before. We do not write to you.'],
    'bad-link' => ['title' => 'This link is not complete', 'text' => 'It may have been cut off when it was copied. Please open it from the mail once more.'],
    'gone' => ['title' => 'There is no such page', 'text' => 'Please check the address. A form may also have moved or ended.'],
    'paused' => ['title' => 'This form is paused', 'text' => 'Nothing can be sent here at the moment, and nothing was. Please come back later, or write to the address below.'],
    'language' => ['title' => 'This form does not speak that language', 'text' => 'It is offered in these:'],
    'failure' => ['title' => 'This did not work just now', 'text' => 'The fault is ours, not yours. Please try again in a few minutes; the link in your mail stays good.'],
    'refused' => ['title' => 'That was too much at once', 'text' => 'What was sent is larger than this form can take. Please go back, shorten it and send again.'],
    'mail' => [
        'confirmation' => [
            'subject' => 'Please confirm: :title',
            'heading' => 'One press, and you are signed up',
            'because' => 'This address was entered at “:title” of :controller. If that was you, please confirm what you agreed to:',
            'button' => 'Yes, sign me up',
            'ignore' => 'If it was not you, you need do nothing: without the button nothing is sent, and the address is deleted after :days days.',
        ],
        'reminder' => [
            'subject' => 'Not confirmed yet: :title',
            'heading' => 'One press is still missing',
            'because' => 'This address was entered at “:title” of :controller and is not confirmed yet. We remind you this once only. If it was you, please confirm what you agreed to:',
            'button' => 'Yes, sign me up',
            'ignore' => 'If it was not you, you need do nothing: without the button nothing is sent, and the address is deleted :days days after the first mail.',
        ],
        'welcome' => [
            'subject' => 'Welcome: :title',
            'greeting' => 'Hello :name,',
            'greeting-without-name' => 'Hello,',
            'text' => 'thank you for signing up. You have agreed to this:',
            'withdraw' => 'Stop these mails',
            'withdraw-text' => 'You can stop at any time, with one press and without a password:',
        ],
        'notice' => 'Privacy notice',
    ],
];
