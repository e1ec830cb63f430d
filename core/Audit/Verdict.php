<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How a requirement stands. */
enum Verdict: string
{
    /** Must be mended. */
    case Breach = 'breach';
    /** Should be mended. */
    case Weakness = 'weakness';
    /** Needs a person's word. */
    case Open = 'open';
    case Met = 'met';
    case NotApplicable = 'not-applicable';

    /** Breaches first. */
    public function urgency(): int
    {
        return match ($this) {
            self::Breach => 0,
            self::Weakness => 1,
            self::Open => 2,
            self::Met => 3,
            self::NotApplicable => 4,
        };
    }

    public function isFinding(): bool
    {
        return $this->urgency() < 3;
    }
}
