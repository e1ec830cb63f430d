<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** Words that read like spam, by the text model. */
final readonly class SpamText implements Signal
{
    public function id(): string
    {
        return 'spam-text';
    }

    public function says(): string
    {
        return 'The words read like spam';
    }

    public function weight(): float
    {
        return 7.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->spamText;
    }
}
