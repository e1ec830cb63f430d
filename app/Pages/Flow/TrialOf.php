<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** What of a point chance allots. */
enum TrialOf: string
{
    case Mails = 'mails';
    case Forms = 'forms';

    public function heading(): string
    {
        return $this === self::Mails ? 'Two confirmation mails' : 'Two versions of the form';
    }

    /** What each of the two is. */
    public function noun(): string
    {
        return $this === self::Mails ? 'wording' : 'version';
    }

    /** Over the column that says how often there was a chance. */
    public function reached(): string
    {
        return $this === self::Mails ? 'Accepted' : 'Shown';
    }

    /** How many times it takes, in words. */
    public function times(int $count): string
    {
        return $this === self::Mails ? number_format($count).' people' : 'to be shown '.number_format($count).' times';
    }
}
