<?php

declare(strict_types=1);

namespace App\Actions\Points;

use RuntimeException;

/** A publication that cannot be; the message says why and what to do. Nothing was published and no exception was entered. */
final class PublicationRefused extends RuntimeException
{
    /** @param  array<string, string>  $faults  what is wrong with an exception that was asked for, by the finding's key */
    public function __construct(string $why, public readonly array $faults = [])
    {
        parent::__construct($why);
    }
}
