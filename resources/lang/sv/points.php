<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => [
    'first-name' => 'Förnamn',
    'last-name' => 'Efternamn',
    'name' => 'Namn',
    'email' => 'E-post',
    'phone' => 'Telefon',
    'postal' => 'Postadress',
    'country' => 'Land',
    'language' => 'Språk',
    'birthday' => 'Födelsedatum',
    'age' => 'Ålder',
    'choice' => 'Välj ett',
    'pick' => 'Välj ett',
    'choices' => 'Kryssa för det som passar',
    'message' => 'Ditt meddelande',
    'terms' => 'Jag godkänner dessa villkor',
    'source' => 'Var du hittade oss',
]];
