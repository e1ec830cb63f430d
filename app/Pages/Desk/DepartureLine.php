<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Models\DrawnLines;
use App\Support\Moments;
use Juramen\Register\Departure;

/** A point that departs from a rule of the house. */
final readonly class DepartureLine
{
    /** @param  bool  $defies  whether it is not what the law of its visitors demands */
    private function __construct(
        public string $href, public string $name, public string $says, public bool $defies, public string $why
    ) {}

    public static function of(string $slug, string $name, Departure $departure, bool $defies): self
    {
        return new self(
            route('points.sheet', $slug).'#part-4', $name, $departure->rule->says($departure->value), $defies,
            "{$departure->reason} {$departure->by}, ".Moments::plain($departure->on)
        );
    }

    /** Where a point is screened by lines of its own. */
    public static function lines(DrawnLines $drawn, string $slug, string $name): self
    {
        return new self(
            route('screening.lines', ['point' => $slug]), $name, "screened with a puzzle from $drawn->puzzle %, held from $drawn->hold %, refused from"
                ." $drawn->refuse %", false, "$drawn->reason {$drawn->user->name}, ".Moments::date($drawn->drawn_at)
        );
    }
}
