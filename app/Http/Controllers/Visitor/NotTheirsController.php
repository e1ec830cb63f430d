<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\SayNotTheirs;
use App\Http\LinkCookie;
use App\Models\SignupJourney;
use App\Queries\Visitor\LinkTargets;
use App\Support\PublishedForms;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Consent\JourneyState;

/** "That was not me": whoever has the inbox ends a sign-up that somebody else made with its address. Opening the page changes nothing. */
final class NotTheirsController
{
    public function __construct(private readonly LinkTargets $links, private readonly PublishedForms $published) {}

    public function open(Request $request, string $token): Response|RedirectResponse
    {
        return $this->links->notTheirs($token) === null ? LinkCookie::unknown($request) : LinkCookie::NotTheirs->keep($token);
    }

    public function show(Request $request): Response
    {
        $token = LinkCookie::NotTheirs->token($request);
        $journey = $this->links->notTheirs($token);
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $edition = $this->published->edition($journey->edition->digest);
        $open = ! $journey->state->hasEnded() || $journey->state === JourneyState::Confirmed;

        return $open ? VisitorPage::respond($journey->language, 'not-theirs', ['token' => $token, 'statements' => $journey->agreedWords($edition)], $edition)
            : $this->ended($journey);
    }

    public function press(Request $request, SayNotTheirs $say): Response
    {
        $token = $request->post('token');
        $journey = $this->links->notTheirs(is_string($token) ? $token : '');
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $say($journey);

        return $this->ended($journey);
    }

    private function ended(SignupJourney $journey): Response
    {
        return VisitorPage::respond($journey->language, 'ending', ['page' => 'not-theirs-done'], $this->published->edition($journey->edition->digest));
    }
}
