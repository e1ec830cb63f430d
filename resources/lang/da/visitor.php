<?php

declare(strict_types=1);

/* Words that visitors read: around the form, in mails, and on the pages of a journey. */
return [
    'form' => [
        'required' => 'skal udfyldes',
        'optional' => 'valgfrit',
        'notice' => 'Privatlivsinformation',
        'asked-by' => 'Her spørger',
        'leave-empty' => 'Lad dette felt stå tomt',
        'languages' => 'Sprog',
    ],
    'again' => [
        'errors' => 'Intet er sendt endnu. Se på dette en gang til:',
        'fast' => 'Det gik meget hurtigt, og programmer sender også formularer hurtigt. Se dine oplysninger igennem, og send en gang til.',
        'check' => 'Se dine oplysninger igennem, sæt kryds igen ved det, du siger ja til, og send. Intet er sendt endnu.',
        'old' => 'Denne side har været åben længe. Se dine oplysninger igennem, og send en gang til; intet er sendt endnu.',
        'spent' => 'Denne side er sendt før med andre oplysninger. Tryk på knappen en gang til, hvis du også vil sende disse.',
        'down' => 'Vi kunne ikke gemme lige nu. Intet er tabt: det, du skrev, står herunder. Send en gang til om nogle minutter.',
    ],
    'email' => [
        'missing' => 'Skriv din e-mailadresse.',
        'too-long' => 'Denne e-mailadresse er for lang; de længste har 254 tegn.',
        'no-at' => 'En e-mailadresse har et @, som i navn@post.example.',
        'space' => 'En e-mailadresse har ingen mellemrum.',
        'domain' => 'Delen efter @ er ikke hel; den ser ud som post.example.',
        'malformed' => 'Dette er ikke en e-mailadresse, som mail kan nå; den ser ud som navn@post.example.',
    ],
    'field' => [
        'missing' => 'Udfyld dette: :label.',
        'too-long' => 'Der er plads til højst :most tegn; dette er :count.',
        'line' => 'Dette kan kun stå på en enkelt linje.',
    ],
    'tick' => 'Uden dit kryds har vi intet at sende. Sæt kryds i feltet, hvis du siger ja.',
    'sent' => [
        'title' => 'Se i din indbakke',
        'text' => 'Vi har sendt en mail til den adresse, du skrev. Tryk på knappen i den, så er du tilmeldt. Indtil da sker der intet.',
        'days' => 'Knappen virker i :days dage; derefter sletter vi dine oplysninger.',
        'none' => 'Ingen mail efter nogle minutter? Se i mappen med uønsket mail, eller tilmeld dig en gang til.',
        'done' => 'Du er tilmeldt. En velkomstmail er på vej.',
        'done-title' => 'Tak',
    ],
    'confirm' => [
        'title' => 'Et tryk, så er du tilmeldt',
        'text' => 'Dette bekræfter du:',
        'button' => 'Ja, tilmeld mig',
        'not-you' => 'Hvis du ikke har bedt om dette, så luk siden. Intet bliver sendt, og adressen bliver slettet.',
    ],
    'confirmed' => [
        'title' => 'Du er tilmeldt',
        'text' => 'Tak. En velkomstmail er på vej; hver mail har et link, hvor du kan stoppe når som helst.',
        'junk' => 'Sæt :sender i din adressebog, så havner vores mails ikke blandt uønsket mail.',
    ],
    'already' => ['title' => 'Du havde allerede bekræftet', 'text' => 'Der er intet tilbage at gøre; du er tilmeldt.'],
    'lapsed' => ['title' => 'Dette link er udløbet', 'text' => 'Tilmeldingen blev ikke bekræftet i tide, så vi slettede den. Intet blev sendt. Du er velkommen til at tilmelde dig igen.'],
    'journey-withdrawn' => ['title' => 'Denne tilmelding blev trukket tilbage', 'text' => 'Den blev trukket tilbage, før den blev bekræftet. Intet bliver sendt.'],
    'withdraw' => [
        'title' => 'Stoppe vores mails?',
        'text' => 'Du trækker dit samtykke til dette tilbage:',
        'button' => 'Stop disse mails',
        'keep' => 'Vil du beholde dem, så luk bare siden.',
    ],
    'withdrawn' => ['title' => 'Færdig: vi skriver ikke til dig igen', 'text' => 'Dit samtykke er trukket tilbage fra nu af. Ingen grund, ingen adgangskode, ingen omkostning.'],
    'withdrawn-already' => ['title' => 'Der er intet tilbage at stoppe', 'text' => 'Dit samtykke blev trukket tilbage tidligere. Vi skriver ikke til dig.'],
    'bad-link' => ['title' => 'Dette link er ikke helt', 'text' => 'Det kan være blevet klippet over, da det blev kopieret. Åbn det en gang til fra mailen.'],
    'gone' => ['title' => 'Siden findes ikke', 'text' => 'Se adressen efter. En formular kan også være flyttet eller slut.'],
    'paused' => ['title' => 'Denne formular er sat på pause', 'text' => 'Der kan ikke sendes noget her lige nu, og intet er sendt. Kom tilbage senere, eller skriv til adressen herunder.'],
    'language' => ['title' => 'Denne formular taler ikke det sprog', 'text' => 'Den findes på disse:'],
    'failure' => ['title' => 'Det gik ikke lige nu', 'text' => 'Fejlen er vores, ikke din. Prøv igen om nogle minutter; linket i din mail bliver ved med at gælde.'],
    'refused' => ['title' => 'Det var for meget på en gang', 'text' => 'Det, der blev sendt, er større, end formularen kan tage imod. Gå tilbage, gør det kortere, og send igen.'],
    'mail' => [
        'confirmation' => [
            'subject' => 'Bekræft: :title',
            'heading' => 'Et tryk, så er du tilmeldt',
            'because' => 'Denne adresse blev skrevet ind ved »:title« hos :controller. Hvis det var dig, så bekræft det, du sagde ja til:',
            'button' => 'Ja, tilmeld mig',
            'ignore' => 'Hvis det ikke var dig, skal du intet gøre: uden knappen bliver intet sendt, og adressen bliver slettet efter :days dage.',
        ],
        'reminder' => [
            'subject' => 'Endnu ikke bekræftet: :title',
            'heading' => 'Et tryk mangler endnu',
            'because' => 'Denne adresse blev skrevet ind ved »:title« hos :controller og er ikke bekræftet endnu. Vi minder kun om det denne ene gang. Hvis det var dig, så bekræft det, du sagde ja til:',
            'button' => 'Ja, tilmeld mig',
            'ignore' => 'Hvis det ikke var dig, skal du intet gøre: uden knappen bliver intet sendt, og adressen bliver slettet :days dage efter den første mail.',
        ],
        'welcome' => [
            'subject' => 'Velkommen: :title',
            'greeting' => 'Hej :name,',
            'greeting-without-name' => 'Hej,',
            'text' => 'tak for din tilmelding. Du har sagt ja til dette:',
            'withdraw' => 'Stop disse mails',
            'withdraw-text' => 'Du kan stoppe når som helst, med et tryk og uden adgangskode:',
        ],
        'notice' => 'Privatlivsinformation',
    ],
];
