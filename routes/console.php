<?php

declare(strict_types=1);

use App\Actions\Audit\AssignFinding;
use App\Actions\Audit\CarryOut;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\WatchForms;
use App\Actions\Delivery\Deliveries;
use App\Actions\Flow\AddCounts;
use App\Actions\Handover\HandOverExisting;
use App\Actions\Ledger\MailCheckpoint;
use App\Actions\Ledger\Seal;
use App\Actions\Ledger\SealingRefused;
use App\Actions\Screening\TeachWords;
use App\Actions\Signup\CountForTeams;
use App\Actions\Signup\DecideHeld;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\RemindJourneys;
use App\Actions\Upkeep\DeleteDue;
use App\Actions\Upkeep\DeletePast;
use App\Models\AssessedSubmission;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\DeedsLately;
use App\Support\PublishedForms;
use App\Support\QuietReport;
use Illuminate\Support\Facades\Schedule;
use Juramen\Canon\Refused;

/* What the clock does. */
$seal = static fn (bool $everything) => static function (Seal $seal) use ($everything): void {
    try {
        $seal($everything);
    } catch (SealingRefused $e) {
        QuietReport::write($e);
    }
};
Schedule::call($seal(false))->name('seal')->everyTenSeconds();
Schedule::call($seal(true))->name('seal-everything')->hourly();
Schedule::call(fn (MailCheckpoint $mail) => $mail())->name('mail-checkpoint')->everyTenMinutes();
Schedule::call(fn (Deliveries $deliveries): int => $deliveries->markUncertain())->name('uncertain-mails')->everyTenSeconds();
Schedule::call(fn (DecideHeld $decide): int => $decide->carryOut())->name('decided')->everyTenSeconds();
Schedule::call(fn (LapseJourneys $lapse): int => $lapse())->name('lapse')->everyMinute();
Schedule::call(fn (RemindJourneys $remind): int => $remind())->name('remind')->everyMinute();
Schedule::call(fn (AddCounts $add): int => $add())->name('add-counts')->everyMinute();
Schedule::call(fn (HandOverExisting $handOver): int => $handOver())->name('hand-over')->everyMinute();
Schedule::call(fn (PublishedForms $published) => $published->refresh())->name('published-forms')->everyMinute();
Schedule::call(fn (DeleteDue $delete) => $delete())->name('delete-due')->everyMinute();
Schedule::call(fn (CountForTeams $count): int => $count())->name('count-for-teams')->hourly();
Schedule::call(fn (DeletePast $delete): int => $delete())->name('delete-past')->hourly();
Schedule::call(fn (CarryOut $carryOut): int => (int) $carryOut())->name('suspensions')->everyMinute();
Schedule::call(function (DeedsLately $deeds, AuditNow $now, AssignFinding $assigned): void {
    $deeds->anew();
    $assigned->endMended($now());
})->name('count-deeds')->everyFifteenMinutes();
Schedule::call(fn (WatchForms $watch): int => $watch())->name('watch-forms')->dailyAt('04:30');
Schedule::call(function (TakeAudit $take): void {
    // Where there is no form yet, there is nothing to say of it.
    try {
        $take(null);
    } catch (Refused) {
    }
})->name('take-audit')->weeklyOn(1, '05:00');
Schedule::call(fn (TeachWords $teach) => $teach())->name('teach-words')->daily();
Schedule::command('model:prune', ['--model' => [AssessedSubmission::class]])->name('prune')->daily();
