<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\Signup\KnowSubscriber;
use App\Models\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/** Looks an address up. It is sent in the body, so that it stands in no address bar, history or log. */
final class SearchController
{
    public function show(): View
    {
        return view('evidence.search');
    }

    public function find(Request $request, KnowSubscriber $subscribers): RedirectResponse
    {
        $typed = $request->string('email')->toString();
        try {
            $email = EmailAddress::parse($typed);
        } catch (InvalidEmailAddress $e) {
            return $this->back($typed, (string) __('visitor.email.'.$e->fault->value, [], 'en'));
        }
        foreach (Controller::query()->orderBy('id')->pluck('slug') as $controller) {
            $subscriber = $subscribers->find($controller, $email);
            if ($subscriber !== null) {
                return redirect()->route('evidence.person', $subscriber->subject->hex());
            }
        }

        return $this->back($typed, 'Nobody is known under this address. Somebody whose sign-up lapsed, or who was erased, cannot be found by it any more.');
    }

    private function back(string $typed, string $message): RedirectResponse
    {
        return redirect()->route('evidence')->withInput(['email' => mb_substr($typed, 0, 300)])->withErrors(['email' => $message]);
    }
}
