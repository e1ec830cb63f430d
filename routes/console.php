<?php

declare(strict_types=1);

use App\Actions\Ledger\Seal;
use App\Actions\Ledger\SealingRefused;
use App\Actions\Mailing\Outbox;
use App\Actions\Signup\LapseJourneys;
use App\Support\PublishedForms;
use App\Support\QuietReport;
use Illuminate\Support\Facades\Schedule;

/* What the clock does. */
Schedule::call(function (Seal $seal): void {
    try {
        $seal();
    } catch (SealingRefused $e) {
        QuietReport::write($e);
    }
})->name('seal')->everyTenSeconds();
Schedule::call(fn (Outbox $outbox): int => $outbox->markUncertain())->name('uncertain-mails')->everyTenSeconds();
Schedule::call(fn (LapseJourneys $lapse): int => $lapse())->name('lapse')->everyMinute();
Schedule::call(fn (PublishedForms $published) => $published->refreshAll())->name('published-forms')->everyMinute();
