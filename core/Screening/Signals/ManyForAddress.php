<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** One mailbox was entered again and again within a day: somebody may be flooding its inbox. */
final readonly class ManyForAddress implements Signal
{
    /** @param  int  $most  sign-ups with one mailbox within 24 hours, each of which sends a mail */
    public function __construct(private int $most = 5) {}

    public function id(): string
    {
        return 'many-for-address';
    }

    public function says(): string
    {
        return 'This address was entered many times within a day';
    }

    public function weight(): float
    {
        return 7.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->forMailbox >= $this->most);
    }
}
