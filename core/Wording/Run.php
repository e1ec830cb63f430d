<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** Words of a text that all stayed, went or came. */
final readonly class Run
{
    public function __construct(public RunKind $kind, public string $words) {}
}
