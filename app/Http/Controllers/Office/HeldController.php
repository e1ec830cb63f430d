<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Signup\HoldSubmission;
use App\Models\HeldSubmission;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What screening held: looked at, released or deleted by a person. */
final class HeldController
{
    public function index(): View
    {
        return view('office.held', ['held' => HeldSubmission::query()->with('edition.point')->orderByDesc('received_at')->paginate(50)]);
    }

    public function release(HeldSubmission $held, HoldSubmission $hold): RedirectResponse
    {
        $hold->release($held);

        return redirect()->route('held')->with('said', 'Released. It goes on as every other sign-up: a confirmation mail is on its way.');
    }

    public function delete(HeldSubmission $held): RedirectResponse
    {
        $held->delete();

        return redirect()->route('held')->with('said', 'Deleted. Nothing is kept of it.');
    }
}
