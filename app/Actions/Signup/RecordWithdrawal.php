<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Actions\Delivery\Outbox;
use App\Models\ActKind;
use App\Models\CurrentPermission;
use App\Models\DeliveryKind;
use App\Models\RegisteredController;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Target;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;

/**
 * A withdrawal that reached the house by phone, letter or otherwise, recorded by whoever took it. It holds for every controller that knows
 * the address, ends what was agreed to until the day on which it came, and tells nothing of what that was, nor whether anything was.
 */
final class RecordWithdrawal
{
    public function __construct(
        private readonly KnowSubscriber $subscribers, private readonly WithdrawConsent $withdraw, private readonly Outbox $outbox,
        private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /** @param  string|null  $purpose  the one that ends; all where none is named */
    public function __invoke(EmailAddress $email, ?string $purpose, ToldWithdrawal $told, User $by): void
    {
        $this->log->write($by, ActKind::ToldWithdrawal);
        foreach (Stored::texts(RegisteredController::query()->orderBy('id')->pluck('slug')) as $controller) {
            $subscriber = $this->subscribers->find($controller, $email);
            if ($subscriber !== null) {
                $this->end($subscriber, $purpose, $told);
            }
        }
    }

    /** Whoever gets mails hears that they end: they saw no page that says so. */
    private function end(Subscriber $subscriber, ?string $purpose, ToldWithdrawal $told): void
    {
        DB::transaction(function () use ($subscriber, $purpose, $told): void {
            $mailed = CurrentPermission::query()->where('subscriber_id', $subscriber->id)->where('allowed', true)->where('channel', Channel::Email)
                ->when($purpose !== null, static fn ($q) => $q->where('purpose', $purpose))->exists();
            $ended = $this->withdraw->told($subscriber->subject, $told, static fn (Target $t): bool => $purpose === null || $t->purpose === $purpose);
            $journey = SignupJourney::query()->where('subscriber_id', $subscriber->id)->where('besides', false)->orderByDesc('asked_at')->first();
            if ($ended && $mailed && $journey !== null) {
                $this->outbox->toSubscriber($journey, DeliveryKind::Withdrawn, occasion: $this->clock->instant()->text());
            }
        }, 5);
    }
}
