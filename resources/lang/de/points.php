<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => ['first-name' => 'Vorname', 'name' => 'Name', 'email' => 'E-Mail', 'phone' => 'Telefon', 'country' => 'Land']];
