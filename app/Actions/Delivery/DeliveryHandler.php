<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Models\Delivery;

/** How one kind of delivery goes out, and who is told what became of it. */
interface DeliveryHandler
{
    /**
     * One try, without a transaction around it. Whatever it throws, nothing has left the house: then another try is safe.
     *
     * @param  Delivery  $delivery  claimed
     */
    public function attempt(Delivery $delivery): Outcome;

    /** Told once, in the transaction that settles it, under the lock of its person's chain. A try that is followed by another is not told. */
    public function settled(Delivery $delivery, Outcome $outcome): void;
}
