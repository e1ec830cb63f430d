<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Models\ActKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\How;
use Juramen\Register\EmailAddress;
use Juramen\Register\Retention;

/** What a team does with an enquiry: somebody takes it, hands it on, closes it; a message may turn out to be a withdrawal. */
final class WorkOnEnquiry
{
    public function __construct(
        private readonly RecordWithdrawal $withdraw, private readonly RegistersInForce $inForce, private readonly ActLog $log,
        private readonly SystemClock $clock
    ) {}

    /** @param  User|null  $to  who works on it from now on; nobody where it is given back */
    public function give(Id $id, ?User $to, User $by): bool
    {
        $state = $to === null ? EnquiryState::Open : EnquiryState::Taken;

        return $this->change($id, $by, ActKind::GaveEnquiry, $to->name ?? 'nobody', ['state' => $state, 'user_id' => $to?->id], closed: false);
    }

    /** From now on its days are counted. */
    public function close(Id $id, User $by): bool
    {
        $now = $this->clock->instant();

        return $this->change($id, $by, ActKind::ClosedEnquiry, '', [
            'state' => EnquiryState::Closed, 'closed_at' => $now,
            'deleted_at' => $now->plusDays($this->inForce->registers()->house->daysKept(Retention::Enquiry)),
        ], closed: false);
    }

    public function reopen(Id $id, User $by): bool
    {
        return $this->change($id, $by, ActKind::ReopenedEnquiry, '', [
            'state' => EnquiryState::Open, 'closed_at' => null, 'deleted_at' => null, 'user_id' => null,
        ], closed: true);
    }

    /** The message withdraws: recorded as told by a message, from when it arrived, whatever was agreed to with its address. */
    public function withdraw(Id $id, User $by): bool
    {
        return DB::transaction(function () use ($id, $by): bool {
            $enquiry = Enquiry::query()->whereKey($id->bytes)->lockForUpdate()->first();
            if ($enquiry === null) {
                return false;
            }
            $email = EmailAddress::parse(HeldContent::from($enquiry->content)->email);
            ($this->withdraw)($email, null, new ToldWithdrawal(How::Message, $enquiry->received_at, $by->named()), $by);

            return true;
        }, 3);
    }

    /** @param  array<string, mixed>  $to */
    private function change(Id $id, User $by, ActKind $act, string $more, array $to, bool $closed): bool
    {
        return DB::transaction(function () use ($id, $by, $act, $more, $to, $closed): bool {
            $enquiry = Enquiry::query()->with('edition.point')->whereKey($id->bytes)->lockForUpdate()->first();
            if ($enquiry === null || ($enquiry->state === EnquiryState::Closed) !== $closed) {
                return false;
            }
            $enquiry->update($to);
            $this->log->write($by, $act, $enquiry->edition->point->slug, $more);

            return true;
        }, 3);
    }
}
