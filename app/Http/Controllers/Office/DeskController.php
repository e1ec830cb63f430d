<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Ledger\LedgerTables;
use App\Actions\Upkeep\CountDeletions;
use App\Models\Point;
use App\Models\Role;
use App\Models\Subscriber;
use App\Pages\Desk\Decisions;
use App\Pages\Desk\DeskPage;
use App\Pages\Desk\SignupChart;
use App\Queries\Desk\ThirtyDays;
use App\Support\Moments;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The start page: what needs a decision today. */
final class DeskController
{
    public function show(Request $request, Decisions $decisions, ThirtyDays $days, LedgerTables $ledger, CountDeletions $deletions, SystemClock $clock): View
    {
        $user = SignedIn::user($request);

        return view('desk.show', ['page' => new DeskPage(
            $clock->instant()->utc->setTimezone(Moments::zone())->format('l, j F Y'), $decisions->for($user),
            $user->can('viewAny', Point::class) ? $decisions->departures() : [],
            new SignupChart($days(), $user->can('viewAny', Subscriber::class)), $ledger->size(), $deletions->ofLastDays(7)->all(),
            $user->role !== Role::Auditor,
        )]);
    }
}
