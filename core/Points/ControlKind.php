<?php

declare(strict_types=1);

namespace Juramen\Points;

/** How a statement is answered on a form. None of them has an answer beforehand. */
enum ControlKind: string
{
    /** One box, which starts empty. */
    case Tick = 'tick';
    /** Yes or no, alike, neither chosen. */
    case YesNo = 'yes-no';
    /** A box for each of its channels. */
    case Channels = 'channels';

    /** What it does, before "asks for ...". */
    public function says(): string
    {
        return match ($this) {
            self::Tick => 'a tick box that starts empty',
            self::YesNo => 'yes or no, neither chosen',
            self::Channels => 'a tick box for each channel',
        };
    }
}
