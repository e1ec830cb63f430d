<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Id;
use Juramen\Canon\MacRing;

/** The secret part of a link in a mail: made of an id and a key, so that it can be made again and not be guessed. */
enum Link: string
{
    /** Names a journey; ends with it. */
    case Confirm = 'confirm';
    /** Names a journey that somebody else made, as whoever has the inbox may say. */
    case NotTheirs = 'not-theirs';
    /** Names what was entered with the address of somebody known; ends with it. */
    case Details = 'details';
    /** Names a subject; lives as long as the address is used. */
    case Withdraw = 'withdraw';

    public function token(Id $id, MacRing $keys): string
    {
        return $keys->seal($this->value, $id->bytes);
    }

    /** What the token names, or null where it was not made here for this. */
    public function open(string $token, MacRing $keys): ?Id
    {
        $bytes = $keys->open($this->value, $token);

        return $bytes !== null && strlen($bytes) === 16 ? Id::fromBytes($bytes) : null;
    }
}
