<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => ['first-name' => 'Fornavn', 'name' => 'Navn', 'email' => 'E-mail', 'phone' => 'Telefon', 'country' => 'Land']];
