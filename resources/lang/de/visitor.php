<?php

declare(strict_types=1);

/* Words that visitors read: around the form, in mails, and on the pages of a journey. */
return [
    'form' => [
        'required' => 'Pflichtfeld',
        'optional' => 'freiwillig',
        'notice' => 'Datenschutzhinweise',
        'asked-by' => 'Gefragt von',
        'leave-empty' => 'Bitte dieses Feld leer lassen',
        'languages' => 'Sprachen',
    ],
    'again' => [
        'errors' => 'Es wurde noch nichts gesendet. Bitte sehen Sie hier noch einmal hin:',
        'fast' => 'Das ging sehr schnell, und Programme senden Formulare auch schnell. Bitte prüfen Sie Ihre Angaben und senden Sie noch einmal.',
        'check' => 'Bitte prüfen Sie Ihre Angaben, kreuzen Sie noch einmal an, womit Sie einverstanden sind, und senden Sie. Es wurde noch nichts gesendet.',
        'old' => 'Diese Seite stand lange offen. Bitte prüfen Sie Ihre Angaben und senden Sie noch einmal; es wurde noch nichts gesendet.',
        'spent' => 'Diese Seite wurde schon einmal mit anderen Angaben gesendet. Wenn Sie auch diese senden möchten, drücken Sie noch einmal auf den Knopf.',
        'down' => 'Wir konnten das gerade nicht speichern. Nichts ist verloren: Ihre Angaben stehen unten. Bitte senden Sie in ein paar Minuten noch einmal.',
    ],
    'email' => [
        'missing' => 'Bitte geben Sie Ihre E-Mail-Adresse an.',
        'too-long' => 'Diese E-Mail-Adresse ist zu lang; die längsten haben 254 Zeichen.',
        'no-at' => 'In einer E-Mail-Adresse steht ein @, wie in name@post.example.',
        'space' => 'In einer E-Mail-Adresse stehen keine Leerzeichen.',
        'domain' => 'Der Teil hinter dem @ ist nicht vollständig; er sieht aus wie post.example.',
        'malformed' => 'Das ist keine E-Mail-Adresse, die Post erreichen kann; sie sieht aus wie name@post.example.',
    ],
    'field' => [
        'missing' => 'Bitte füllen Sie dies aus: :label.',
        'too-long' => 'Hier passen höchstens :most Zeichen hin; es sind :count.',
        'line' => 'Hier passt nur eine Zeile hin.',
    ],
    'tick' => 'Ohne Ihr Kreuz haben wir nichts zu schicken. Bitte kreuzen Sie das Kästchen an, wenn Sie einverstanden sind.',
    'sent' => [
        'title' => 'Bitte sehen Sie in Ihr Postfach',
        'text' => 'Wir haben eine E-Mail an die angegebene Adresse geschickt. Drücken Sie darin auf den Knopf, dann sind Sie angemeldet. Bis dahin geschieht nichts.',
        'days' => 'Der Knopf gilt :days Tage; danach löschen wir Ihre Angaben.',
        'none' => 'Nach ein paar Minuten noch keine E-Mail? Sehen Sie im Spam-Ordner nach, oder melden Sie sich noch einmal an.',
        'done' => 'Sie sind angemeldet. Eine Begrüßung ist unterwegs.',
        'done-title' => 'Vielen Dank',
    ],
    'confirm' => [
        'title' => 'Ein Druck, und Sie sind angemeldet',
        'text' => 'Sie bestätigen damit:',
        'button' => 'Ja, melden Sie mich an',
        'not-you' => 'Wenn Sie das nicht wollten, schließen Sie diese Seite. Es wird nichts geschickt, und die Adresse wird gelöscht.',
    ],
    'confirmed' => [
        'title' => 'Sie sind angemeldet',
        'text' => 'Vielen Dank. Eine Begrüßung ist unterwegs; jede E-Mail enthält einen Link, mit dem Sie jederzeit gehen können.',
        'junk' => 'Damit unsere E-Mails nicht im Spam-Ordner landen, nehmen Sie :sender in Ihr Adressbuch auf.',
    ],
    'already' => ['title' => 'Sie hatten schon bestätigt', 'text' => 'Es ist nichts mehr zu tun; Sie sind angemeldet.'],
    'lapsed' => ['title' => 'Dieser Link gilt nicht mehr', 'text' => 'Die Anmeldung wurde nicht rechtzeitig bestätigt, deshalb haben wir sie gelöscht. Es wurde nichts geschickt. Sie können sich gern noch einmal anmelden.'],
    'journey-withdrawn' => ['title' => 'Diese Anmeldung wurde widerrufen', 'text' => 'Sie wurde widerrufen, bevor sie bestätigt war. Es wird nichts geschickt.'],
    'withdraw' => [
        'title' => 'Keine E-Mails mehr?',
        'text' => 'Sie widerrufen Ihre Einwilligung:',
        'button' => 'Keine E-Mails mehr schicken',
        'keep' => 'Wenn Sie die E-Mails behalten möchten, schließen Sie einfach diese Seite.',
    ],
    'withdrawn' => ['title' => 'Erledigt: Wir schreiben Ihnen nicht mehr', 'text' => 'Ihre Einwilligung ist ab sofort widerrufen. Ohne Grund, ohne Passwort, ohne Kosten.'],
    'withdrawn-already' => ['title' => 'Es ist nichts mehr abzubestellen', 'text' => 'Ihre Einwilligung war schon widerrufen. Wir schreiben Ihnen nicht.'],
    'bad-link' => ['title' => 'Dieser Link ist nicht vollständig', 'text' => 'Vielleicht wurde er beim Kopieren abgeschnitten. Bitte öffnen Sie ihn noch einmal aus der E-Mail.'],
    'gone' => ['title' => 'Diese Seite gibt es nicht', 'text' => 'Bitte prüfen Sie die Adresse. Ein Formular kann auch umgezogen oder beendet sein.'],
    'paused' => ['title' => 'Dieses Formular pausiert', 'text' => 'Hier kann gerade nichts gesendet werden, und es wurde nichts gesendet. Bitte kommen Sie später wieder, oder schreiben Sie an die Adresse unten.'],
    'language' => ['title' => 'Dieses Formular gibt es nicht in dieser Sprache', 'text' => 'Es gibt es in diesen:'],
    'failure' => ['title' => 'Das hat gerade nicht geklappt', 'text' => 'Der Fehler liegt bei uns, nicht bei Ihnen. Bitte versuchen Sie es in ein paar Minuten noch einmal; der Link in Ihrer E-Mail bleibt gültig.'],
    'refused' => ['title' => 'Das war zu viel auf einmal', 'text' => 'Das Gesendete ist größer, als dieses Formular aufnehmen kann. Bitte gehen Sie zurück, kürzen Sie es und senden Sie noch einmal.'],
    'mail' => [
        'confirmation' => [
            'subject' => 'Bitte bestätigen: :title',
            'heading' => 'Ein Druck, und Sie sind angemeldet',
            'because' => 'Diese Adresse wurde bei „:title“ von :controller eingetragen. Wenn Sie das waren, bestätigen Sie bitte, womit Sie einverstanden sind:',
            'button' => 'Ja, melden Sie mich an',
            'ignore' => 'Wenn Sie das nicht waren, brauchen Sie nichts zu tun: Ohne den Knopf wird nichts geschickt, und die Adresse wird nach :days Tagen gelöscht.',
        ],
        'reminder' => [
            'subject' => 'Noch nicht bestätigt: :title',
            'heading' => 'Ein Druck fehlt noch',
            'because' => 'Diese Adresse wurde bei „:title“ von :controller eingetragen und ist noch nicht bestätigt. Wir erinnern nur dieses eine Mal. Wenn Sie das waren, bestätigen Sie bitte, wozu Sie Ja gesagt haben:',
            'button' => 'Ja, melden Sie mich an',
            'ignore' => 'Waren Sie es nicht, brauchen Sie nichts zu tun: Ohne den Knopf wird nichts geschickt, und die Adresse wird :days Tage nach der ersten E-Mail gelöscht.',
        ],
        'welcome' => [
            'subject' => 'Willkommen: :title',
            'greeting' => 'Guten Tag, :name,',
            'greeting-without-name' => 'Guten Tag,',
            'text' => 'vielen Dank für Ihre Anmeldung. Damit sind Sie einverstanden:',
            'withdraw' => 'Keine E-Mails mehr schicken',
            'withdraw-text' => 'Sie können jederzeit aufhören, mit einem Druck und ohne Passwort:',
        ],
        'notice' => 'Datenschutzhinweise',
    ],
];
