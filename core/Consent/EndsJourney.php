<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Register\Channel;

/** An act that ends what a sign-up asked for before it was confirmed. */
interface EndsJourney
{
    /** Why what waited for it is not permitted from then on. */
    public function reason(): Reason;

    /** The channel that ends unconfirmed; null where everything that was asked ends. */
    public function through(): ?Channel;
}
