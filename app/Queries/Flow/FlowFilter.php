<?php

declare(strict_types=1);

namespace App\Queries\Flow;

use Juramen\Canon\Day;
use Juramen\Register\Language;

/** Of which sign-ups it is told how they went. What makes no sense filters nothing. */
final readonly class FlowFilter
{
    public const DAYS = [30, 90, 365];

    /**
     * @param  Day  $from  the first day on which they were asked
     * @param  int|null  $edition  number of the form's
     * @param  string|null  $placement  where people came upon the form
     */
    private function __construct(public int $days, public Day $from, public ?Language $language, public ?int $edition, public ?string $placement) {}

    /** @param  array<array-key, mixed>  $given  as an address says */
    public static function parse(array $given, Day $today): self
    {
        $text = static fn (string $name): string => is_string($given[$name] ?? null) ? $given[$name] : '';
        $days = in_array((int) $text('days'), self::DAYS, true) ? (int) $text('days') : 90;

        return new self(
            $days, $today->plus(1 - $days), Language::tryFrom($text('language')),
            preg_match('/^[1-9]\d{0,5}$/D', $text('edition')) === 1 ? (int) $text('edition') : null,
            preg_match('/^[a-z-]{1,32}$/D', $text('placement')) === 1 ? $text('placement') : null
        );
    }

    /** Whether forms are meant that were come upon anywhere: what is only shown is not told apart by that. */
    public function isAnywhere(): bool
    {
        return $this->placement === null;
    }
}
