<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Support\Moments;
use Juramen\Register\Departure;

/** A point that departs from a rule of the house. */
final readonly class DepartureLine
{
    /** @param  bool  $defies  whether it is not what the law of its visitors demands */
    private function __construct(public string $slug, public string $name, public string $says, public bool $defies, public string $why) {}

    public static function of(string $slug, string $name, Departure $departure, bool $defies): self
    {
        return new self(
            $slug, $name, $departure->rule->says($departure->value), $defies, "{$departure->reason} {$departure->by}, ".Moments::plain($departure->on)
        );
    }
}
