<?php

declare(strict_types=1);

namespace App\Models;

/** Where something stands on its way out. */
enum DeliveryState: string
{
    /** To be sent when due. */
    case Waiting = 'waiting';
    /** A worker has it in hand. */
    case Claimed = 'claimed';
    /** The other side took it. */
    case Sent = 'sent';
    /** The other side refused it for good, or its reason is gone. */
    case Failed = 'failed';
    /** A worker stopped, or the other side fell silent, after it may have been taken: a person decides. */
    case Uncertain = 'uncertain';
    /** It was uncertain, and a person decided to leave it so. */
    case Left = 'left';

    /** Whether a person may send it once more. */
    public function mayBeSentAgain(): bool
    {
        return in_array($this, [self::Uncertain, self::Failed, self::Left], true);
    }
}
