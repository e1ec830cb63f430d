<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\Day;

/** Who writes, and on which day. */
final readonly class Written
{
    public function __construct(public string $by, public Day $on) {}
}
