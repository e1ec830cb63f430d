<?php

declare(strict_types=1);

/* Labels that a new field begins with. */
return ['fields' => ['first-name' => 'First name', 'name' => 'Name', 'email' => 'Email', 'phone' => 'Phone', 'country' => 'Country']];
