<?php

declare(strict_types=1);

use App\Http\Controllers\Evidence\PersonController;
use App\Http\Controllers\Evidence\SearchController;
use App\Http\Controllers\Office\HeldController;
use App\Http\Controllers\Office\LoginController;
use App\Http\Controllers\Office\MailController;
use App\Models\HeldSubmission;
use App\Models\Message;
use App\Models\Subscriber;
use Illuminate\Support\Facades\Route;

/* The office: behind a login, and every route behind a policy. */
Route::redirect('/', '/evidence')->name('home');
Route::get('/login', [LoginController::class, 'show'])->middleware('guest')->name('login');
Route::post('/login', [LoginController::class, 'enter'])->middleware(['guest', 'throttle:login'])->name('login.enter');

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [LoginController::class, 'leave'])->name('logout');

    Route::get('/evidence', [SearchController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence');
    Route::post('/evidence', [SearchController::class, 'find'])->can('viewAny', Subscriber::class)->name('evidence.find');
    Route::get('/evidence/{subject}', [PersonController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence.person');
    Route::get('/evidence/{subject}/shown/{entry}', [PersonController::class, 'shown'])->can('viewAny', Subscriber::class)->name('evidence.shown');

    Route::get('/held', [HeldController::class, 'index'])->can('viewAny', HeldSubmission::class)->name('held');
    Route::post('/held/{held}/release', [HeldController::class, 'release'])->can('decide', HeldSubmission::class)->name('held.release');
    Route::post('/held/{held}/delete', [HeldController::class, 'delete'])->can('decide', HeldSubmission::class)->name('held.delete');

    Route::get('/mails', [MailController::class, 'index'])->can('viewAny', Message::class)->name('mails');
    Route::post('/mails/{message}/again', [MailController::class, 'again'])->can('decide', Message::class)->name('mails.again');
});
