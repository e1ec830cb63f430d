<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\SignupJourney;
use App\Models\Subscriber;

/** A subscriber who is likely of the same hand as another. */
final readonly class AlikeSignup
{
    public function __construct(public Subscriber $subscriber, public string $email, public SignupJourney $journey) {}
}
