<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => [
    'first-name' => 'Prénom',
    'last-name' => 'Nom de famille',
    'name' => 'Nom',
    'email' => 'E-mail',
    'phone' => 'Téléphone',
    'postal' => 'Adresse postale',
    'country' => 'Pays',
    'language' => 'Langue',
    'birthday' => 'Date de naissance',
    'age' => 'Âge',
    'choice' => 'Choisissez une réponse',
    'pick' => 'Choisissez une réponse',
    'choices' => 'Cochez ce qui convient',
    'message' => 'Votre message',
    'terms' => 'J’accepte ces conditions',
    'source' => 'Où vous nous avez trouvés',
]];
