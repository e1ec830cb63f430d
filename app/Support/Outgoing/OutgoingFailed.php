<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

use RuntimeException;

/** A call to an address outside came to no answer. */
final class OutgoingFailed extends RuntimeException
{
    /** @param  string  $problem  a short code of what went wrong, never words of another program */
    private function __construct(public readonly string $problem, public readonly bool $mayHaveArrived)
    {
        parent::__construct($problem);
    }

    /** The address is one that is never called. */
    public static function refused(string $problem): self
    {
        return new self($problem, false);
    }

    public static function noConnection(): self
    {
        return new self('no-connection-there', false);
    }

    public static function noAnswer(): self
    {
        return new self('no-answer-there', true);
    }
}
