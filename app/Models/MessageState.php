<?php

declare(strict_types=1);

namespace App\Models;

/** Where a mail stands on its way out. */
enum MessageState: string
{
    /** To be sent when due. */
    case Waiting = 'waiting';
    /** A worker has it in hand. */
    case Claimed = 'claimed';
    /** The mail server took it. */
    case Sent = 'sent';
    /** The mail server refused it for good, or its reason is gone. */
    case Failed = 'failed';
    /** A worker stopped, or the server fell silent, after it may have been taken: a person decides. */
    case Uncertain = 'uncertain';
}
