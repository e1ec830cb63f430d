<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Id;

/** Which of two versions of a form's own words somebody was shown; what is asked and agreed to is the same in both. */
enum FormVersion: string
{
    case First = 'first';
    case Second = 'second';

    /** Allotted by the chance that made the visit mark's nonce, so that nothing has to stand on anybody's device. */
    public static function allotted(Id $nonce): self
    {
        // Of the confirmation's two wordings the last byte decides: the two are allotted apart from each other.
        return ord($nonce->bytes[14]) % 2 === 0 ? self::First : self::Second;
    }
}
