<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Models\ActKind;
use App\Models\RegisteredController;
use App\Models\User;
use App\Support\Stored;
use Juramen\Consent\Target;
use Juramen\Register\EmailAddress;

/**
 * A withdrawal that reached the house by phone, letter or otherwise, recorded by whoever took it. It holds for every controller that knows
 * the address, ends what was agreed to until the day on which it came, and tells nothing of what that was, nor whether anything was.
 */
final class RecordWithdrawal
{
    public function __construct(private readonly KnowSubscriber $subscribers, private readonly WithdrawConsent $withdraw, private readonly ActLog $log) {}

    /** @param  string|null  $purpose  the one that ends; all where none is named */
    public function __invoke(EmailAddress $email, ?string $purpose, ToldWithdrawal $told, User $by): void
    {
        $this->log->write($by, ActKind::ToldWithdrawal);
        foreach (Stored::texts(RegisteredController::query()->orderBy('id')->pluck('slug')) as $controller) {
            $subscriber = $this->subscribers->find($controller, $email);
            if ($subscriber !== null) {
                $this->withdraw->told($subscriber->subject, $told, static fn (Target $t): bool => $purpose === null || $t->purpose === $purpose);
            }
        }
    }
}
