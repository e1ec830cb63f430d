<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => ['first-name' => 'Prénom', 'name' => 'Nom', 'email' => 'E-mail', 'phone' => 'Téléphone', 'country' => 'Pays']];
