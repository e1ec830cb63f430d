<?php

declare(strict_types=1);

namespace Juramen\Register;

/** How much room a form leaves. */
enum LookSpacing: string
{
    case Close = 'close';
    case Even = 'even';
    case Wide = 'wide';

    public function says(): string
    {
        return match ($this) {
            self::Close => 'little room',
            self::Even => 'even room',
            self::Wide => 'much room',
        };
    }

    /** Between fields, in rem. */
    public function rem(): float
    {
        return match ($this) {
            self::Close => 0.75,
            self::Even => 1.25,
            self::Wide => 2.0,
        };
    }
}
