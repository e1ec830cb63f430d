<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Actions\Upkeep\HandleRequests;
use App\Models\ActKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Closure;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;
use Juramen\Consent\How;
use Juramen\Register\EmailAddress;
use Juramen\Register\Retention;

/** What a team does with an enquiry: somebody takes it, hands it on, closes it; a message may turn out to be a withdrawal. */
final class WorkOnEnquiry
{
    /** Days after which it is deleted once somebody has read it as spam. */
    public const SPAM_DAYS = 30;

    public function __construct(
        private readonly RecordWithdrawal $withdraw, private readonly RegistersInForce $inForce, private readonly ActLog $log,
        private readonly SystemClock $clock
    ) {}

    /** @param  User|null  $to  who works on it from now on; nobody where it is given back */
    public function give(Id $id, ?User $to, User $by): bool
    {
        $state = $to === null ? EnquiryState::Open : EnquiryState::Taken;

        $give = static function (Enquiry $enquiry) use ($state, $to): void {
            $enquiry->state = $state;
            $enquiry->user_id = $to?->id;
        };

        return $this->change($id, $by, ActKind::GaveEnquiry, $to->name ?? 'nobody', closed: false, to: $give);
    }

    /**
     * From now on its days are counted.
     *
     * @throws Refused while it asks for something that is not answered
     */
    public function close(Id $id, User $by): bool
    {
        $now = $this->clock->instant();
        $end = $now->plusDays($this->inForce->registers()->house->daysKept(Retention::Enquiry));

        return $this->change($id, $by, ActKind::ClosedEnquiry, '', closed: false, to: static function (Enquiry $enquiry) use ($now, $end): void {
            HandleRequests::refuseWhileOpen($enquiry->id);
            $enquiry->state = EnquiryState::Closed;
            $enquiry->closed_at = $now;
            $enquiry->deleted_at = $end;
        });
    }

    /**
     * Somebody read it, and it is spam: it teaches screening, and is deleted after some days.
     *
     * @throws Refused while it asks for something that is not answered
     */
    public function spam(Id $id, User $by): bool
    {
        $now = $this->clock->instant();

        return $this->change($id, $by, ActKind::ReadAsSpam, '', closed: false, to: static function (Enquiry $enquiry) use ($now): void {
            HandleRequests::refuseWhileOpen($enquiry->id);
            $enquiry->state = EnquiryState::Closed;
            $enquiry->spam = true;
            $enquiry->closed_at = $now;
            $enquiry->deleted_at = $now->plusDays(self::SPAM_DAYS);
        });
    }

    public function reopen(Id $id, User $by): bool
    {
        return $this->change($id, $by, ActKind::ReopenedEnquiry, '', closed: true, to: static function (Enquiry $enquiry): void {
            $enquiry->state = EnquiryState::Open;
            $enquiry->spam = false;
            $enquiry->closed_at = $enquiry->deleted_at = $enquiry->user_id = null;
        });
    }

    /** The message withdraws: recorded as told by a message, from when it arrived, whatever was agreed to with its address. */
    public function withdraw(Id $id, User $by): bool
    {
        return DB::transaction(function () use ($id, $by): bool {
            $enquiry = Enquiry::query()->whereKey($id->bytes)->lockForUpdate()->first();
            if ($enquiry === null) {
                return false;
            }
            $email = EmailAddress::parse($enquiry->content->email);
            ($this->withdraw)($email, null, new ToldWithdrawal(How::Message, $enquiry->received_at, $by->named()), $by);

            return true;
        }, 3);
    }

    /**
     * @param  bool  $closed  whether it must be closed, or must not be
     * @param  Closure(Enquiry): void  $to
     */
    private function change(Id $id, User $by, ActKind $act, string $more, bool $closed, Closure $to): bool
    {
        return DB::transaction(function () use ($id, $by, $act, $more, $closed, $to): bool {
            $enquiry = Enquiry::query()->with('edition.point')->whereKey($id->bytes)->lockForUpdate()->first();
            if ($enquiry === null || ($enquiry->state === EnquiryState::Closed) !== $closed) {
                return false;
            }
            $to($enquiry);
            $enquiry->save();
            $this->log->write($by, $act, $enquiry->edition->point->slug, $more);

            return true;
        }, 3);
    }
}
