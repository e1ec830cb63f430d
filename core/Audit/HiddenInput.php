<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** An input that nobody sees, sent with a form of others. */
final readonly class HiddenInput
{
    private const YES = '~^(?:1|y|yes|true|on|ja|oui|checked|agreed|accepted|subscribe[d]?|opt-?in)$~i';

    /** @param  bool  $isTwin  whether a box of the same name stands on the form, of which it says that it is empty */
    public function __construct(public Selector $where, public string $name, public string $value, public bool $isTwin) {}

    /** Whether a value says yes, and nothing about anybody. */
    public static function isYes(string $value): bool
    {
        return preg_match(self::YES, $value) === 1;
    }
}
