<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A domain that takes no mail (RFC 7505), or is not there. No answer is no signal. */
final readonly class NoMailDomain implements Signal
{
    public function id(): string
    {
        return 'no-mail-domain';
    }

    public function says(): string
    {
        return 'Nothing behind the @ takes mail';
    }

    public function weight(): float
    {
        return 3.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->receives === false);
    }
}
