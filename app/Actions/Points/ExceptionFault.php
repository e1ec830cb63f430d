<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Juramen\Canon\Ground;

/** What is wrong with an exception that was asked for. */
final readonly class ExceptionFault
{
    /** @param  string  $key  of the finding */
    public function __construct(public string $key, public Ground $ground) {}
}
