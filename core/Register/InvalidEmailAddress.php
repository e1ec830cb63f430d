<?php

declare(strict_types=1);

namespace Juramen\Register;

use InvalidArgumentException;

/** A text that is not an email address. The message never repeats the text, which may be somebody's address. */
final class InvalidEmailAddress extends InvalidArgumentException
{
    public function __construct(public readonly EmailFault $fault)
    {
        parent::__construct('Not an email address: '.$fault->value.'.');
    }
}
