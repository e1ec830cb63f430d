<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Models\DrawnLines;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;

/** Lines that somebody drew, for the house or a point. */
final readonly class DrawnRow
{
    /**
     * @param  string  $since  when, and by whom
     * @param  string|null  $href  where they can be looked at
     */
    private function __construct(public string $point, public string $lines, public string $since, public string $reason, public ?string $href) {}

    /** One of those that held before, in some view. */
    public static function before(DrawnLines $drawn, LinesView $view): self
    {
        return self::of($drawn, '', $drawn->hold === null ? null : route('screening.lines', [
            'days' => $view->days, 'point' => $view->point->slug ?? '', 'puzzle' => $drawn->puzzle, 'hold' => $drawn->hold, 'refuse' => $drawn->refuse,
            'lost' => $drawn->lost, 'bot' => $drawn->bot,
        ]));
    }

    /** Of a point that departs from the house. */
    public static function departure(DrawnLines $drawn, RegistersInForce $registers): self
    {
        $slug = $drawn->point->slug ?? '';

        return self::of($drawn, $registers->nameOf($slug), route('screening.lines', ['point' => $slug]));
    }

    private static function of(DrawnLines $drawn, string $point, ?string $href): self
    {
        return new self(
            $point, $drawn->hold === null ? 'As the house' : "$drawn->puzzle, $drawn->hold, $drawn->refuse %",
            Moments::exact($drawn->drawn_at).', '.$drawn->user->name, $drawn->reason, $href
        );
    }
}
