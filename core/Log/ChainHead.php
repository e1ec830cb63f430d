<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/** Where a subject's chain ends: the place and the digest of its newest entry. */
final readonly class ChainHead
{
    /** @param  int  $sequence from 1 */
    public function __construct(public Id $subject, public int $sequence, public Digest $digest) {}

    public function equals(self $other): bool
    {
        return $this->subject->equals($other->subject) && $this->sequence === $other->sequence && $this->digest->equals($other->digest);
    }
}
