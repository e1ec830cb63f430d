<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\LedgerTables;
use App\Models\SignupJourney;
use Juramen\Consent\Acts\Given;
use LogicException;

/** The entry with which a sign-up began. */
final class GivenConsents
{
    public function __construct(private readonly LedgerTables $ledger) {}

    public function of(SignupJourney $journey): GivenEntry
    {
        foreach ($this->ledger->chain($journey->subscriber->subject) as $entry) {
            if ($entry->act instanceof Given && $entry->act->journey->equals($journey->consent)) {
                return new GivenEntry($entry->id, $entry->act);
            }
        }
        throw new LogicException('Every sign-up begins with an entry.');
    }
}
