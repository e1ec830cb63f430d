<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Screening\Assessment;
use RuntimeException;

/** Screening does not let it pass, by what could be counted only in the transaction that takes it. Nothing is kept of it yet. */
final class ScreenedOut extends RuntimeException
{
    public function __construct(public readonly Assessment $assessment)
    {
        parent::__construct('Screening does not let this pass.');
    }
}
