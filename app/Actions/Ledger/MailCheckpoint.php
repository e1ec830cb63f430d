<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Delivery\Outbox;
use App\Models\DeliveryKind;
use App\Models\Role;
use App\Models\User;
use App\Support\SystemClock;

/**
 * Lays out the newest checkpoint for every auditor once a day, so that somebody outside holds us to it: whoever rewrites the ledger,
 * and what lies beside the key, is caught by a checkpoint that somebody else already has.
 */
final class MailCheckpoint
{
    public function __construct(private readonly LedgerTables $ledger, private readonly Outbox $outbox, private readonly SystemClock $clock) {}

    public function __invoke(): void
    {
        if ($this->ledger->newestCheckpoint() === null) {
            return;
        }
        $day = $this->clock->instant()->utc->format('Y-m-d');
        foreach (User::query()->where('role', Role::Auditor)->orderBy('id')->get() as $auditor) {
            $this->outbox->toColleague($auditor, DeliveryKind::Checkpoint, $day);
        }
    }
}
