<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\Channel;

/** An act that ends what a sign-up asked for before it was confirmed. Each says how it comes about and why nothing is permitted then. */
abstract readonly class JourneyEnd extends Act
{
    /** @param  Channel|null  $through  the channel that ends unconfirmed; null where everything that was asked ends */
    public function __construct(Instant $occurred, How $how, public Id $journey, public ?Channel $through)
    {
        parent::__construct($occurred, $how);
    }

    /** Why what waited for it is not permitted from then on. */
    abstract public function reason(): Reason;

    final public function journey(): Id
    {
        return $this->journey;
    }

    final protected function members(): array
    {
        return ['journey' => $this->journey->hex(), 'through' => $this->through?->value];
    }
}
