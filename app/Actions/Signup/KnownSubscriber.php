<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\HeldChain;
use App\Models\Subscriber;

/** A person, whose chain is held until the transaction ends. */
final readonly class KnownSubscriber
{
    public function __construct(public Subscriber $subscriber, public HeldChain $chain) {}
}
