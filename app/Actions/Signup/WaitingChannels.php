<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\LedgerTables;
use App\Models\SignupJourney;
use Juramen\Consent\Permissions;
use Juramen\Consent\Through;
use Juramen\Register\Channel;

/** What waits for a sign-up to be confirmed through one inbox or number. */
final class WaitingChannels
{
    public function __construct(private readonly LedgerTables $ledger) {}

    /** @return non-empty-list<Channel> the one by which it was asked, where nothing waits any more */
    public function channels(SignupJourney $journey): array
    {
        $waiting = [];
        foreach (Permissions::of($this->ledger->chain($journey->subscriber->subject))->all() as $permission) {
            $channel = $permission->target->channel;
            if ($permission->pending->has($journey->consent->hex()) && Through::of($channel) === $journey->through) {
                $waiting[$channel->value] = $channel;
            }
        }

        return array_values($waiting) ?: [$journey->through->channel()];
    }
}
