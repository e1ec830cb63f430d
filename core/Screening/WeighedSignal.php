<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** A signal with what it adds to the log-odds that a submission is unwanted. */
final readonly class WeighedSignal
{
    public function __construct(public Signal $signal, public float $weight) {}
}
