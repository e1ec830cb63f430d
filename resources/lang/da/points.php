<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => [
    'first-name' => 'Fornavn',
    'last-name' => 'Efternavn',
    'name' => 'Navn',
    'email' => 'E-mail',
    'phone' => 'Telefon',
    'postal' => 'Postadresse',
    'country' => 'Land',
    'language' => 'Sprog',
    'birthday' => 'Fødselsdato',
    'age' => 'Alder',
    'choice' => 'Vælg en',
    'pick' => 'Vælg en',
    'choices' => 'Sæt kryds ved det, der passer',
    'message' => 'Din besked',
    'terms' => 'Jeg accepterer disse vilkår',
    'source' => 'Hvor du fandt os',
]];
