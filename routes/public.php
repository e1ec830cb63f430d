<?php

declare(strict_types=1);

use App\Http\Controllers\Visitor\ConfirmController;
use App\Http\Controllers\Visitor\DetailsController;
use App\Http\Controllers\Visitor\FormController;
use App\Http\Controllers\Visitor\GiftController;
use App\Http\Controllers\Visitor\LedgerController;
use App\Http\Controllers\Visitor\NotTheirsController;
use App\Http\Controllers\Visitor\ReturnedController;
use App\Http\Controllers\Visitor\SentController;
use App\Http\Controllers\Visitor\TrialController;
use App\Http\Controllers\Visitor\WithdrawController;
use Illuminate\Support\Facades\Route;

/* What anybody may see and do. No session, no cookie. */
Route::get('/up', static fn () => response('ok', 200, ['Content-Type' => 'text/plain']))->name('up');

Route::get('/forms/{point}', [FormController::class, 'preferred'])->name('form.preferred');
Route::get('/forms/{point}/{language}', [FormController::class, 'show'])->name('form');
Route::post('/forms/{point}/{language}', [FormController::class, 'submit'])->name('form.submit');
Route::get('/forms/{point}/{language}/sent', [SentController::class, 'show'])->name('form.sent');
Route::post('/forms/{point}/{language}/sent', [SentController::class, 'act'])->name('form.sent.act');
Route::get('/forms/{point}/{language}/received', [SentController::class, 'received'])->name('form.received');
Route::post('/forms/{point}/{language}/received', [SentController::class, 'againByNumber'])->name('form.received.act');
Route::get('/frozen/{digest}.css', [FormController::class, 'stylesheet'])->where('digest', '[0-9a-f]{64}')->name('frozen');
Route::get('/frozen/{digest}.woff2', [FormController::class, 'letters'])->where('digest', '[0-9a-f]{64}')->name('frozen.letters');
Route::get('/frozen/{digest}.webp', [FormController::class, 'image'])->where('digest', '[0-9a-f]{64}')->name('frozen.image');

Route::get('/trials/{token}/{visitor}/{language}', [TrialController::class, 'show'])->name('trial');
Route::post('/trials/{token}/{visitor}/{language}', [TrialController::class, 'send'])->name('trial.send');

// The house look by itself, for proofs: their frame sends no cookies for styles.
Route::get('/look/{controller}.css', [FormController::class, 'look'])->name('look');

Route::get('/confirm', [ConfirmController::class, 'show'])->name('confirm');
Route::get('/confirm/{token}', [ConfirmController::class, 'open'])->name('confirm.open');
Route::post('/confirm', [ConfirmController::class, 'press'])->name('confirm.press');
Route::post('/confirm/name', [ConfirmController::class, 'name'])->name('confirm.name');

Route::get('/not-theirs', [NotTheirsController::class, 'show'])->name('not-theirs');
Route::get('/not-theirs/{token}', [NotTheirsController::class, 'open'])->name('not-theirs.open');
Route::post('/not-theirs', [NotTheirsController::class, 'press'])->name('not-theirs.press');

Route::get('/details', [DetailsController::class, 'show'])->name('details');
Route::get('/details/{token}', [DetailsController::class, 'open'])->name('details.open');
Route::post('/details', [DetailsController::class, 'press'])->name('details.press');

Route::get('/withdraw', [WithdrawController::class, 'show'])->name('withdraw');
Route::get('/withdraw/{token}', [WithdrawController::class, 'open'])->name('withdraw.open');
Route::post('/withdraw', [WithdrawController::class, 'press'])->name('withdraw.press');
Route::post('/withdraw/{token}', [WithdrawController::class, 'oneClick'])->name('withdraw.one-click');

Route::get('/gift/{token}', [GiftController::class, 'open'])->name('gift');

Route::post('/mail/returned', [ReturnedController::class, 'take'])->name('mail.returned');

Route::get('/ledger/checkpoint', [LedgerController::class, 'checkpoint'])->name('ledger.checkpoint');
Route::get('/ledger/keys', [LedgerController::class, 'keys'])->name('ledger.keys');
