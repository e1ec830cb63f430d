<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => [
    'first-name' => 'First name',
    'last-name' => 'Last name',
    'name' => 'Name',
    'email' => 'Email',
    'phone' => 'Phone',
    'postal' => 'Postal address',
    'country' => 'Country',
    'language' => 'Language',
    'birthday' => 'Date of birth',
    'age' => 'Age',
    'choice' => 'Please choose one',
    'pick' => 'Please choose one',
    'choices' => 'Please tick what fits',
    'message' => 'Your message',
    'terms' => 'I accept these terms',
    'source' => 'Where you found us',
]];
