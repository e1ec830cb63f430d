<?php

declare(strict_types=1);

/* Words that visitors read: around the form, in mails, and on the pages of a journey. */
return [
    'form' => [
        'required' => 'måste fyllas i',
        'optional' => 'valfritt',
        'notice' => 'Integritetsinformation',
        'asked-by' => 'Här frågar',
        'leave-empty' => 'Lämna det här fältet tomt',
        'languages' => 'Språk',
    ],
    'again' => [
        'errors' => 'Inget har skickats ännu. Titta på det här en gång till:',
        'fast' => 'Det gick mycket fort, och program skickar också formulär fort. Kontrollera dina uppgifter och skicka en gång till.',
        'check' => 'Kontrollera dina uppgifter, kryssa igen för det du går med på och skicka. Inget har skickats ännu.',
        'old' => 'Den här sidan har legat öppen länge. Kontrollera dina uppgifter och skicka en gång till; inget har skickats ännu.',
        'spent' => 'Den här sidan har redan skickats med andra uppgifter. Tryck på knappen en gång till om du vill skicka de här också.',
        'down' => 'Vi kunde inte spara just nu. Inget är förlorat: det du skrev står här nedanför. Skicka en gång till om några minuter.',
    ],
    'email' => [
        'missing' => 'Skriv din e-postadress.',
        'too-long' => 'Den här e-postadressen är för lång; de längsta har 254 tecken.',
        'no-at' => 'En e-postadress har ett @, som i namn@post.example.',
        'space' => 'En e-postadress har inga mellanslag.',
        'domain' => 'Delen efter @ är inte hel; den ser ut som post.example.',
        'malformed' => 'Det här är ingen e-postadress som post kan nå; den ser ut som namn@post.example.',
    ],
    'field' => [
        'missing' => 'Fyll i det här: :label.',
        'too-long' => 'Här får högst :most tecken plats; det här är :count.',
        'line' => 'Det här ryms på en enda rad.',
    ],
    'tick' => 'Utan ditt kryss har vi inget att skicka. Kryssa i rutan om du går med på det.',
    'sent' => [
        'title' => 'Titta i din inkorg',
        'text' => 'Vi har skickat ett mejl till adressen du skrev. Tryck på knappen i det, så är du anmäld. Innan dess händer inget.',
        'days' => 'Knappen fungerar i :days dagar; sedan raderar vi dina uppgifter.',
        'none' => 'Inget mejl efter några minuter? Titta i skräpposten eller anmäl dig en gång till.',
        'done' => 'Du är anmäld. Ett välkomstmejl är på väg.',
        'done-title' => 'Tack',
    ],
    'confirm' => [
        'title' => 'Ett tryck, så är du anmäld',
        'text' => 'Det här bekräftar du:',
        'button' => 'Ja, anmäl mig',
        'not-you' => 'Om du inte har bett om det här, stäng sidan. Inget skickas, och adressen raderas.',
    ],
    'confirmed' => [
        'title' => 'Du är anmäld',
        'text' => 'Tack. Ett välkomstmejl är på väg; varje mejl har en länk där du kan sluta när som helst.',
        'junk' => 'Lägg :sender i din adressbok, så hamnar våra mejl inte i skräpposten.',
    ],
    'already' => ['title' => 'Du hade redan bekräftat', 'text' => 'Det finns inget kvar att göra; du är anmäld.'],
    'lapsed' => ['title' => 'Den här länken har slutat gälla', 'text' => 'Anmälan bekräftades inte i tid, så vi raderade den. Inget skickades. Du är välkommen att anmäla dig en gång till.'],
    'journey-withdrawn' => ['title' => 'Den här anmälan togs tillbaka', 'text' => 'Den togs tillbaka innan den bekräftades. Inget skickas.'],
    'withdraw' => [
        'title' => 'Sluta med våra mejl?',
        'text' => 'Du återkallar ditt samtycke till det här:',
        'button' => 'Sluta skicka',
        'keep' => 'Vill du behålla dem, stäng bara sidan.',
    ],
    'withdrawn' => ['title' => 'Klart: vi skriver inte till dig igen', 'text' => 'Ditt samtycke är återkallat från och med nu. Inget skäl, inget lösenord, ingen kostnad.'],
    'withdrawn-already' => ['title' => 'Det finns inget kvar att sluta med', 'text' => 'Ditt samtycke återkallades redan tidigare. Vi skriver inte till dig.'],
    'bad-link' => ['title' => 'Den här länken är inte hel', 'text' => 'Den kan ha kapats när den kopierades. Öppna den en gång till från mejlet.'],
    'gone' => ['title' => 'Det finns ingen sådan sida', 'text' => 'Kontrollera adressen. Ett formulär kan också ha flyttat eller slutat.'],
    'paused' => ['title' => 'Det här formuläret är pausat', 'text' => 'Just nu går det inte att skicka något här, och inget har skickats. Kom tillbaka senare, eller skriv till adressen nedan.'],
    'language' => ['title' => 'Det här formuläret talar inte det språket', 'text' => 'Det finns på de här:'],
    'failure' => ['title' => 'Det gick inte just nu', 'text' => 'Felet är vårt, inte ditt. Försök igen om några minuter; länken i ditt mejl fortsätter att gälla.'],
    'refused' => ['title' => 'Det var för mycket på en gång', 'text' => 'Det som skickades är större än formuläret kan ta emot. Gå tillbaka, korta ner och skicka igen.'],
    'mail' => [
        'confirmation' => [
            'subject' => 'Bekräfta: :title',
            'heading' => 'Ett tryck, så är du anmäld',
            'because' => 'Den här adressen skrevs in vid ”:title” hos :controller. Var det du, bekräfta det du gick med på:',
            'button' => 'Ja, anmäl mig',
            'ignore' => 'Var det inte du behöver du inte göra något: utan knappen skickas inget, och adressen raderas efter :days dagar.',
        ],
        'reminder' => [
            'subject' => 'Fortfarande obekräftat: :title',
            'heading' => 'Ett tryck fattas ännu',
            'because' => 'Den här adressen skrevs in vid ”:title” hos :controller och är inte bekräftad ännu. Vi påminner bara den här gången. Var det du, bekräfta det du gick med på:',
            'button' => 'Ja, anmäl mig',
            'ignore' => 'Var det inte du behöver du inte göra något: utan knappen skickas inget, och adressen raderas :days dagar efter det första mejlet.',
        ],
        'welcome' => [
            'subject' => 'Välkommen: :title',
            'greeting' => 'Hej :name,',
            'greeting-without-name' => 'Hej,',
            'text' => 'tack för din anmälan. Du har gått med på det här:',
            'withdraw' => 'Sluta skicka',
            'withdraw-text' => 'Du kan sluta när som helst, med ett tryck och utan lösenord:',
        ],
        'notice' => 'Integritetsinformation',
    ],
];
