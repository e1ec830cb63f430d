<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\ActLog;
use App\Actions\Consent\PersonalValues;
use App\Models\ActKind;
use App\Pages\Evidence\LookedAt;
use App\Queries\Account\ListActs;
use App\Queries\Evidence\FindPerson;
use App\Queries\Points\PointStatuses;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\EmailAddress;
use Juramen\Register\EmailFault;
use Juramen\Register\InvalidEmailAddress;

/**
 * Looks a person up by address, or a signup point by a part of its name. What is typed is sent in the body, so that it stands in no address bar, history
 * or log.
 */
final class SearchController
{
    public function show(Request $request, ListActs $acts, PersonalValues $personal): View
    {
        return view('evidence.search', ['lately' => LookedAt::lately(SignedIn::user($request), $acts, $personal)]);
    }

    public function find(Request $request, FindPerson $find, PointStatuses $stock, ActLog $log): RedirectResponse
    {
        $typed = $request->string('email')->toString();
        $points = str_contains($typed, '@') || trim($typed) === '' ? [] : $stock(trim($typed));
        if (count($points) === 1) {
            return redirect()->route('points.sheet', $points[0]->point->slug);
        }
        if ($points !== []) {
            return redirect()->route('points', ['q' => trim($typed)]);
        }
        try {
            $email = EmailAddress::parse($typed);
        } catch (InvalidEmailAddress $e) {
            return $this->back(
                $typed,
                $e->fault === EmailFault::NoAt ? 'No signup point is called like this, and an email address has an @ in it, like name@post.example.'
                    : (string) __('visitor.email.'.$e->fault->value, [], 'en')
            );
        }
        $log->write(SignedIn::user($request), ActKind::LookedFor);
        $person = $find($email);
        if ($person === null) {
            return $this->back($typed, 'Nobody is known under this address. Somebody whose sign-up lapsed, or who was erased, cannot be found by it any more.');
        }

        return redirect()->route('evidence.person', $person->subject->hex());
    }

    private function back(string $typed, string $message): RedirectResponse
    {
        return redirect()->route('evidence')->withInput(['email' => mb_substr($typed, 0, 300)])->withErrors(['email' => $message]);
    }
}
