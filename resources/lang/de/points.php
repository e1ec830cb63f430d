<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => [
    'first-name' => 'Vorname',
    'last-name' => 'Nachname',
    'name' => 'Name',
    'email' => 'E-Mail',
    'phone' => 'Telefon',
    'postal' => 'Anschrift',
    'country' => 'Land',
    'language' => 'Sprache',
    'birthday' => 'Geburtsdatum',
    'age' => 'Alter',
    'choice' => 'Bitte eines wählen',
    'pick' => 'Bitte eines wählen',
    'choices' => 'Bitte ankreuzen, was zutrifft',
    'message' => 'Ihre Nachricht',
    'terms' => 'Ich nehme diese Bedingungen an',
    'source' => 'Wo Sie uns gefunden haben',
]];
