<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\Screening\FindSpam;
use App\Http\Requests\SeveralRequest;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Evidence\AlikePage;
use App\Queries\Evidence\FindPerson;
use App\Queries\Screening\ListAlike;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A subscriber turns out to be a program's, and so do others of the same hand. */
final class SpamController
{
    public function __construct(private readonly FindPerson $people, private readonly FindSpam $find) {}

    public function find(Request $request, string $subject): RedirectResponse
    {
        $said = ($this->find)($this->subscriber($subject), SignedIn::user($request))
            ? 'Found to be a program\'s: what it agreed to has ended, its entries stay, and it is counted no longer.' : 'That was found before.';

        return redirect()->route('evidence.alike', $subject)->with('said', $said);
    }

    /** Others who signed up about then and are likely of the same hand. */
    public function alike(ListAlike $list, string $subject): View
    {
        $subscriber = $this->subscriber($subject);

        return view('evidence.alike', ['page' => AlikePage::of($subscriber, $list->to($subscriber))]);
    }

    public function several(SeveralRequest $request, string $subject): RedirectResponse
    {
        $this->subscriber($subject);
        $said = $request->each(
            fn (string $id, User $by): bool => ($found = $this->people->bySubject($id)) !== null && ($this->find)($found, $by), 'found to be a program\'s'
        );

        return redirect()->route('evidence.alike', $subject)->with('said', $said);
    }

    private function subscriber(string $subject): Subscriber
    {
        return $this->people->bySubject($subject) ?? abort(404);
    }
}
