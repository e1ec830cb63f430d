<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\KeyStore;
use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Register\EmailAddress;

/** Nobody floods an inbox: how often one mailbox was entered within 24 hours is counted by keyed digest, one transaction after the other. */
final class CountMailbox
{
    public function __construct(private readonly KeyStore $keys) {}

    /**
     * Inside the transaction that signs up, which undoes the count where it is undone.
     *
     * @return int how often it was entered within the 24 hours before
     */
    public function __invoke(EmailAddress $email, Instant $now): int
    {
        $mailbox = ['mailbox' => $this->keys->lookup('', 'mailbox', $email->mailbox())->bytes];
        // Locks its row from the first statement on: an insert that is ignored would only share it, and two would wait for each other.
        DB::table('mailbox_counts')->upsert([...$mailbox, 'times' => '', 'newest' => $now->utc->getTimestamp()], ['mailbox'], ['newest']);
        $times = (string) Stored::textOrNull(DB::table('mailbox_counts')->where($mailbox)->value('times'));
        $since = $now->plusDays(-1)->utc->getTimestamp();
        $within = array_values(array_filter((array) unpack('J*', $times), static fn (int $time): bool => $time > $since));
        DB::table('mailbox_counts')->where($mailbox)
            ->update(['times' => pack('J*', ...$within, ...[$now->utc->getTimestamp()]), 'newest' => $now->utc->getTimestamp()]);

        return count($within);
    }
}
