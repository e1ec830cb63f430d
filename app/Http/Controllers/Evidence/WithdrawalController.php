<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\Signup\RecordWithdrawal;
use App\Actions\Signup\ToldWithdrawal;
use App\Http\Requests\WithdrawalRequest;
use App\Pages\Evidence\WithdrawalPage;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Withdrawals that reached the house by phone, letter or otherwise: recorded by whoever took them, who learns nothing about the person. */
final class WithdrawalController
{
    public function show(WithdrawalPage $page): View
    {
        return view('evidence.withdrawal', ['page' => $page]);
    }

    public function record(WithdrawalRequest $request, RecordWithdrawal $record): RedirectResponse
    {
        $by = SignedIn::user($request);
        $record($request->email(), $request->purpose(), new ToldWithdrawal($request->how(), $request->at(), $by->named(), $request->told()), $by);

        return redirect()->route('withdrawals')
            ->with('said', 'Recorded. Whatever was agreed to with this address until then has ended now; whether there was anything is told to nobody here.');
    }
}
