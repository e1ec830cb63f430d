<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\ConfirmJourney;
use App\Http\LinkCookie;
use App\Models\SignupJourney;
use App\Queries\Visitor\LinkTargets;
use App\Support\PublishedForms;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Link;
use Juramen\Consent\Through;
use Juramen\Points\PointEdition;
use Juramen\Register\Network;
use Psr\Clock\ClockInterface;

/** The page behind the link of a confirmation mail. Opening it changes nothing; its one button confirms. */
final class ConfirmController
{
    public function __construct(
        private readonly LinkTargets $links, private readonly PublishedForms $published, private readonly MacRing $keys,
        private readonly ClockInterface $clock
    ) {}

    /** The link of the mail: its secret leaves the address bar at once, so that whoever reloads or shares the page keeps it to themselves. */
    public function open(Request $request, string $token): Response|RedirectResponse
    {
        return $this->links->journey($token) === null ? LinkCookie::unknown($request) : LinkCookie::Confirm->keep($token);
    }

    public function show(Request $request): Response
    {
        $token = LinkCookie::Confirm->token($request);
        $journey = $this->links->journey($token);
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $edition = $this->edition($journey);
        $state = $journey->path()->stateAt(Instant::of($this->clock->now()));
        if ($state->hasEnded()) {
            return $this->ending($state, $journey, $edition, first: false);
        }

        return VisitorPage::respond(
            $journey->language, 'confirm', [
                'token' => $token, 'number' => $edition->sheet->asksByNumber(), 'statements' => $journey->agreedWords($edition),
                'notTheirs' => Link::NotTheirs->token($journey->id, $this->keys),
            ], $edition
        );
    }

    public function press(Request $request, ConfirmJourney $confirm): Response
    {
        $token = $request->post('token');
        $journey = $this->links->journey(is_string($token) ? $token : '');
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $edition = $this->edition($journey);
        $network = $edition->sheet->rules->keepNetwork ? Network::truncate((string) $request->ip()) : null;

        return $this->ending($confirm($journey->id, $network), $journey, $edition, first: ! $journey->state->hasEnded());
    }

    private function ending(JourneyState $state, SignupJourney $journey, PointEdition $edition, bool $first): Response
    {
        $language = $journey->language;
        $page = match ($state) {
            JourneyState::Confirmed => match (true) {
                ! $first => 'already',
                default => $journey->through === Through::Number ? 'number-confirmed' : 'confirmed',
            },
            JourneyState::Withdrawn, JourneyState::Revoked => 'journey-withdrawn',
            JourneyState::NotTheirs => 'not-theirs-done',
            JourneyState::Corrected, JourneyState::Undeliverable => 'journey-ended',
            default => 'lapsed',
        };

        $form = route('form', [$edition->sheet->draft->point->text, $language->value]);

        return VisitorPage::respond($language, 'ending', [
            'page' => $page,
            'sender' => $edition->controller->sender,
            'again' => match ($page) {
                'lapsed', 'journey-withdrawn', 'journey-ended' => $form,
                'number-confirmed' => url('/withdraw/'.Link::Withdraw->token($journey->subscriber->subject, $this->keys)),
                default => null,
            },
        ], $edition, in_array($page, ['lapsed', 'journey-ended'], true) ? 410 : 200);
    }

    private function edition(SignupJourney $journey): PointEdition
    {
        return $this->published->edition($journey->edition->digest);
    }
}
