<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

/** What was seen of something, and which of two kinds it was. */
final readonly class Example
{
    /** @param  list<float>  $seen  in an order that all share */
    public function __construct(public array $seen, public bool $is) {}
}
