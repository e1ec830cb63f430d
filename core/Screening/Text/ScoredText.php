<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/** A text that was judged by a model which had not learned it. */
final readonly class ScoredText
{
    public function __construct(public float $score, public bool $spam) {}
}
