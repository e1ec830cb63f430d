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
        $current = $this->of($subscriber->id, Permissions::of($this->ledger->chain($subject)));
        if ($current !== []) {
            CurrentPermission::query()->upsert(
                array_map(static fn (CurrentPermission $c): array => $c->getAttributes(), $current), ['subscriber_id', 'purpose', 'channel'],
                ['reason', 'allowed', 'since', 'entry']
            );
        }
    }

    /** @return list<CurrentPermission> as the table should hold them */
    public function of(int $subscriber, Permissions $permissions): array
    {
        return array_map(static fn (Permission $p): CurrentPermission => (new CurrentPermission)->setRawAttributes([
            'subscriber_id' => $subscriber,
            'purpose' => $p->target->purpose,
            'channel' => $p->target->channel->value,
            'reason' => $p->reason->value,
            'allowed' => (int) $p->allowed(),
            'since' => $p->since === null ? null : Instants::write($p->since),
            'entry' => $p->entries[count($p->entries) - 1]->id->bytes,
        ]), $permissions->all());
    }
}
