<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Models\Suspension;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Permission;
use Juramen\Consent\Reason;

/** Suspensions that an officer ordered and that are not yet written down for everybody: each binds from its own entry on. */
final class OrdersInHand
{
    /** A permission as an order in hand leaves it. */
    public function over(Permission $permission, ?Instant $moment = null): Permission
    {
        $given = $permission->allowed() ? $permission->entries[0]->act ?? null : null;
        if (! $given instanceof Given) {
            return $permission;
        }
        foreach (Suspension::query()->with('point')->whereNull('done_at')->orderBy('id')->get() as $order) {
            $binds = $order->point->slug === $given->point && ! $permission->entries[0]->recorded->isAfter($order->made_at)
                && ($moment === null || ! $order->made_at->isAfter($moment));
            if ($binds) {
                return new Permission(
                    $permission->target, Reason::Suspended, $order->made_at, $permission->entries, $permission->pending, $permission->everAllowed
                );
            }
        }

        return $permission;
    }
}
