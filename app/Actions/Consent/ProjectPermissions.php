<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use Juramen\Canon\Id;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;

/** Writes what is permitted now, as the fold of the core has it, beside the ledger for quick reading. */
final class ProjectPermissions
{
    public function __construct(private readonly LedgerTables $ledger) {}

    public function __invoke(Id $subject): void
    {
        $subscriber = Subscriber::query()->where('subject', $subject->bytes)->firstOrFail();
        $rows = $this->rows($subscriber->id, Permissions::of($this->ledger->chain($subject)));
        if ($rows !== []) {
            CurrentPermission::query()->upsert($rows, ['subscriber_id', 'purpose', 'channel'], ['reason', 'allowed', 'since', 'entry']);
        }
    }

    /** @return list<array<string, mixed>> as the table holds them */
    public function rows(int $subscriber, Permissions $permissions): array
    {
        return array_map(static fn (Permission $p): array => [
            'subscriber_id' => $subscriber,
            'purpose' => $p->target->purpose,
            'channel' => $p->target->channel->value,
            'reason' => $p->reason->value,
            'allowed' => (int) $p->allowed(),
            'since' => $p->since === null ? null : Instants::write($p->since),
            'entry' => $p->entries[count($p->entries) - 1]->id->bytes,
        ], $permissions->all());
    }
}
