<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** Sent long after the page was served: pages are kept to be filled in by programs later, and by people who come back to a tab. */
final readonly class TooLate implements Signal
{
    /** Seconds that hardly anybody needs; twice as many are as long as can be (ours). */
    private const LONG = 4 * 3600;

    public function id(): string
    {
        return 'too-late';
    }

    public function says(): string
    {
        return 'Sent hours after the page was opened';
    }

    public function weight(): float
    {
        return 0.8;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->seconds === null ? 0.0 : min(1.0, max(0.0, ($facts->seconds - self::LONG) / self::LONG));
    }
}
