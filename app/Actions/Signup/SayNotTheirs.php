<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\DeleteValues;
use App\Models\SignupJourney;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\NotTheirs;
use Juramen\Consent\Journey;

/**
 * Whoever has the inbox says that somebody else entered it: the sign-up ends with what it gave, its values are deleted, and nobody writes
 * to the address because of it again.
 */
final class SayNotTheirs
{
    public function __construct(private readonly EndJourney $end, private readonly DeleteValues $delete) {}

    /** @return bool whether it ended by this; saying it twice changes nothing */
    public function __invoke(SignupJourney $journey): bool
    {
        return $this->end->whole(
            $journey, static fn (Journey $path, Instant $now): ?Journey => $path->notTheirs($now),
            static fn (Instant $now): NotTheirs => new NotTheirs($now, $journey->consent), 'not-theirs',
            fn (SignupJourney $j) => $this->delete->leaveAlone($j->subscriber->subject),
        );
    }
}
