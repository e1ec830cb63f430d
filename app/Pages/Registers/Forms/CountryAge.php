<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;

/** From which age a child consents alone in a country. */
final readonly class CountryAge
{
    public function __construct(public string $country, public Choice $age) {}
}
