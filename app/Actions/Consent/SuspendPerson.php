<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Actions\Ledger\LedgerTables;
use App\Models\Subscriber;
use App\Models\Suspension;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Suspended;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;

/** Writes into one person's chain what an officer suspended: what they agreed to at that point before the order was given. */
final class SuspendPerson
{
    public function __construct(private readonly Append $append, private readonly LedgerTables $ledger) {}

    /**
     * @param  HeldChain  $chain  of that person, in the transaction at hand
     * @param  Instant  $from  when it begins for them; written once, however often it is asked for
     */
    public function __invoke(HeldChain $chain, Subscriber $subscriber, Suspension $suspension, Instant $from): void
    {
        $at = $suspension->point->slug;
        $targets = [];
        foreach (Permissions::of($this->ledger->chain($subscriber->subject))->all() as $permission) {
            $given = $permission->stands() ? $permission->entries[0] ?? null : null;
            $touched = $given?->act instanceof Given && $given->act->point === $at && ! $given->recorded->isAfter($suspension->made_at);
            if ($touched && ! self::holds($suspension, $permission)) {
                $targets[] = $permission->target;
            }
        }
        if ($targets !== []) {
            DB::table('suspended_subscribers')->insertOrIgnore(['suspension_id' => $suspension->id, 'subscriber_id' => $subscriber->id]);
            ($this->append)($chain, new Suspended($from, $targets, $suspension->suspension, $suspension->user->named()));
        }
    }

    /** Whether this suspension holds the permission already. */
    public static function holds(Suspension $suspension, Permission $permission): bool
    {
        foreach ($permission->entries as $entry) {
            if ($entry->act instanceof Suspended && $entry->act->suspension->equals($suspension->suspension)) {
                return true;
            }
        }

        return false;
    }
}
