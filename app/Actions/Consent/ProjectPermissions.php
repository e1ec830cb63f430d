<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;

/** Writes what is permitted now, as the fold of the core has it, beside the ledger for quick reading. */
final class ProjectPermissions
{
    public function __construct(private readonly LedgerTables $ledger, private readonly OrdersInHand $orders) {}

    /** @return Permissions as they are now */
    public function __invoke(Id $subject): Permissions
    {
        $subscriber = Subscriber::query()->where('subject', $subject->bytes)->firstOrFail();
        $permissions = Permissions::of($this->ledger->chain($subject));
        $current = $this->of($subscriber->id, $permissions);
        if ($current !== []) {
            CurrentPermission::query()->upsert(
                array_map(static fn (CurrentPermission $c): array => $c->getAttributes(), $current), ['subscriber_id', 'purpose', 'channel'],
                ['reason', 'allowed', 'since', 'ended', 'entry', 'point', 'language', 'statements']
            );
        }

        return $permissions;
    }

    /** @return list<CurrentPermission> as the table should hold them */
    public function of(int $subscriber, Permissions $permissions): array
    {
        return array_map(fn (Permission $p): CurrentPermission => $this->row($subscriber, $p, $this->orders->over($p)), $permissions->all());
    }

    /** @param  Permission  $stands  as it is with what an officer ordered and is not written down for this person yet */
    private function row(int $subscriber, Permission $p, Permission $stands): CurrentPermission
    {
        return (new CurrentPermission)->setRawAttributes([
            'subscriber_id' => $subscriber,
            'purpose' => $p->target->purpose,
            'channel' => $p->target->channel->value,
            'reason' => $stands->reason->value,
            'allowed' => (int) $stands->allowed(),
            'since' => $stands->since === null ? null : Instants::write($stands->since),
            'ended' => $p->endedAt() === null ? null : Instants::write($p->endedAt()),
            'entry' => $p->entries[count($p->entries) - 1]->id->bytes,
            ...self::given($p),
        ]);
    }

    /** @return array{point: string, language: string, statements: string} by which yes it is permitted, as lists are made by it */
    private static function given(Permission $permission): array
    {
        $given = $permission->allowed() ? $permission->entries[0]->act ?? null : null;
        if (! $given instanceof Given) {
            return ['point' => '', 'language' => '', 'statements' => ' '];
        }
        $yes = array_map(static fn (Answer $a): string => $a->statement, array_filter($given->answers, static fn (Answer $a): bool => $a->yes));

        return ['point' => $given->point, 'language' => $given->language->value, 'statements' => ' '.implode(' ', $yes).' '];
    }
}
