<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Mailing\Mailbox;
use App\Jobs\ForgetMails;
use App\Models\Delivery;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;

/** Deletes what was sent besides a consent, and has the mailbox forget the mails that told of it. */
final class ForgetEnquiries
{
    public function __construct(private readonly Mailbox $mailbox) {}

    /**
     * @param  list<Id>  $ids
     * @return int how many of them were there
     */
    public function __invoke(array $ids): int
    {
        return DB::transaction(function () use ($ids): int {
            $bytes = array_map(static fn (Id $id): string => $id->bytes, $ids);
            $sent = Delivery::query()->whereIn('enquiry_id', $bytes)->get('id')->map(static fn (Delivery $d): int => $d->id)->all();
            if ($sent !== [] && $this->mailbox->isThere()) {
                ForgetMails::dispatch(array_values($sent));
            }

            return DB::table('enquiries')->whereIn('id', $bytes)->delete();
        });
    }
}
