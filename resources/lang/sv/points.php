<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => ['first-name' => 'Förnamn', 'name' => 'Namn', 'email' => 'E-post', 'phone' => 'Telefon', 'country' => 'Land']];
