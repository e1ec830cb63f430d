<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** How many submissions came with one risk, and what people decided of some of them. */
final readonly class RiskCount
{
    /**
     * @param  int  $risk  in percent
     * @param  int  $count  of all
     * @param  int  $ham  that somebody released
     * @param  int  $spam  that somebody refused
     * @param  bool  $solved  whether these had solved the puzzle
     */
    public function __construct(public int $risk, public int $count, public int $ham = 0, public int $spam = 0, public bool $solved = false) {}
}
