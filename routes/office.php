<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Evidence\PersonController;
use App\Http\Controllers\Evidence\SearchController;
use App\Http\Controllers\Office\DeskController;
use App\Http\Controllers\Office\HeldController;
use App\Http\Controllers\Office\LoginController;
use App\Http\Controllers\Office\MailController;
use App\Http\Controllers\Points\InventoryController;
use App\Http\Controllers\Points\PublishController;
use App\Http\Controllers\Points\RequirementController;
use App\Http\Controllers\Points\SheetController;
use App\Http\Controllers\Wording\StatementController;
use App\Models\HeldSubmission;
use App\Models\Message;
use App\Models\Point;
use App\Models\Subscriber;
use Illuminate\Support\Facades\Route;

/* The office: behind a login, and every route behind a policy. */
Route::redirect('/', '/desk')->name('home');
Route::get('/login', [LoginController::class, 'show'])->middleware('guest')->name('login');
Route::post('/login', [LoginController::class, 'enter'])->middleware(['guest', 'throttle:login'])->name('login.enter');

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [LoginController::class, 'leave'])->name('logout');

    // Everybody's own: the desk shows each what their role may see.
    Route::get('/desk', [DeskController::class, 'show'])->name('desk');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::get('/token', [AccountController::class, 'token'])->name('token');
    Route::post('/account/password', [AccountController::class, 'password'])->middleware('throttle:login')->name('account.password');
    Route::post('/account/end', [AccountController::class, 'end'])->name('account.end');

    Route::get('/requirements/{id}', [RequirementController::class, 'show'])->can('viewAny', Point::class)->name('requirement');
    Route::get('/points', [InventoryController::class, 'index'])->can('viewAny', Point::class)->name('points');
    Route::prefix('/points/{point:slug}')->name('points.')->group(function (): void {
        Route::get('/', [SheetController::class, 'show'])->can('viewAny', Point::class)->name('sheet');
        Route::get('/since/{number}', [SheetController::class, 'since'])->can('viewAny', Point::class)->whereNumber('number')->name('since');
        Route::get('/proof/{language}/{draft}', [SheetController::class, 'proof'])->can('viewAny', Point::class)->name('proof');
        Route::get('/history', [PublishController::class, 'history'])->can('viewAny', Point::class)->name('history');
        Route::get('/publish', [PublishController::class, 'review'])->can('viewAny', Point::class)->name('publish');
        Route::post('/publish', [PublishController::class, 'publish'])->can('publish', Point::class)->name('publish.do');
        foreach (['judge', 'change', 'mend', 'undo', 'redo'] as $act) {
            Route::post("/$act", [SheetController::class, $act])->can('change', Point::class)->name($act);
        }
    });

    Route::get('/wording', [StatementController::class, 'index'])->can('viewAny', Point::class)->name('wording');
    Route::get('/wording/{statement}', [StatementController::class, 'show'])->can('viewAny', Point::class)->name('wording.statement');

    Route::get('/evidence', [SearchController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence');
    Route::post('/evidence', [SearchController::class, 'find'])->can('viewAny', Subscriber::class)->name('evidence.find');
    Route::get('/evidence/{subject}', [PersonController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence.person');
    Route::get('/evidence/{subject}/asked', [PersonController::class, 'asked'])->can('viewAny', Subscriber::class)->name('evidence.asked');
    Route::get('/evidence/{subject}/shown/{entry}', [PersonController::class, 'shown'])->can('viewAny', Subscriber::class)->name('evidence.shown');

    Route::get('/held', [HeldController::class, 'index'])->can('viewAny', HeldSubmission::class)->name('held');
    Route::post('/held/{held}/release', [HeldController::class, 'release'])->can('decide', HeldSubmission::class)->name('held.release');
    Route::post('/held/{held}/delete', [HeldController::class, 'delete'])->can('decide', HeldSubmission::class)->name('held.delete');

    Route::get('/mails', [MailController::class, 'index'])->can('viewAny', Message::class)->name('mails');
    Route::post('/mails/{message}/again', [MailController::class, 'again'])->can('decide', Message::class)->name('mails.again');
});
