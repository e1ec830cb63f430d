<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Juramen\Canon\Id;
use Juramen\Consent\Entry;

/** A subject's chain that nobody else can add to until the transaction ends. Only Append makes one, and keeps what it ends on. */
final class HeldChain
{
    private ?Entry $newest = null;

    private bool $known = false;

    public function __construct(public readonly Id $subject) {}

    public function endsOn(?Entry $newest): void
    {
        [$this->newest, $this->known] = [$newest, true];
    }

    /**
     * What the next entry follows.
     *
     * @param  callable(Id): ?Entry  $read  asked once, where it is not known
     */
    public function end(callable $read): ?Entry
    {
        if (! $this->known) {
            $this->endsOn($read($this->subject));
        }

        return $this->newest;
    }
}
