<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How a control stands before the visitor has touched it. */
enum Response: string
{
    case Unset = 'unset';
    case Yes = 'yes';
    case No = 'no';

    private const YES = '~^(?:1|y|yes|true|on|ja|oui|checked|agreed|accepted|subscribe[d]?|opt-?in)$~i';

    /** Whether what a form sends for an input is a yes. */
    public static function isYes(string $value): bool
    {
        return preg_match(self::YES, $value) === 1;
    }
}
