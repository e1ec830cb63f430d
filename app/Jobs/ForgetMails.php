<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Mailing\Mailbox;
use App\Models\Delivery;
use App\Support\Stored;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Tells the mailbox to forget mails. Telling it twice changes nothing, so it is tried until it has heard. */
final class ForgetMails implements ShouldQueue
{
    use Queueable;

    public int $tries = 12;

    /** @var list<int> seconds until the next try */
    public array $backoff = [10, 30, 120, 600, 1800, 3600];

    /** @param  list<int>  $deliveries  ids */
    public function __construct(public readonly array $deliveries) {}

    public function handle(Mailbox $mailbox): void
    {
        $keys = Stored::texts(Delivery::query()->whereIn('id', $this->deliveries)->pluck('idempotency_key'));
        if ($mailbox->isThere() && $keys !== []) {
            $mailbox->forget($keys);
        }
    }
}
