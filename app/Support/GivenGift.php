<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Day;

/** A gift as somebody gets it: what it is called, where it is, and until when. */
final readonly class GivenGift
{
    public function __construct(public string $name, public string $url, public Day $until) {}
}
