<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;

/** From which age a child consents alone in a country. */
final readonly class CountryAge
{
    /** @param  string  $remark  what is to be said of the least age; empty where it is law */
    public function __construct(public string $country, public string $remark, public Choice $age) {}
}
