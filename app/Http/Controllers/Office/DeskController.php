<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Ledger\LedgerTables;
use App\Actions\Upkeep\CountDeletions;
use App\Models\Point;
use App\Models\User;
use App\Pages\Desk\Decisions;
use App\Queries\Desk\ThirtyDays;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The start page: what needs a decision today. */
final class DeskController
{
    public function show(Request $request, Decisions $decisions, ThirtyDays $days, LedgerTables $ledger, CountDeletions $deletions, SystemClock $clock): View
    {
        $user = $request->user();

        return view('desk.show', [
            'decisions' => $user instanceof User ? $decisions->for($user) : [],
            'departures' => $user instanceof User && $user->can('viewAny', Point::class) ? $decisions->departures() : [],
            'days' => $days(),
            'sealed' => $ledger->size(),
            'deleted' => $deletions->ofLastDays(7)->all(),
            'today' => $clock->instant(),
        ]);
    }
}
