<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\WithdrawConsent;
use App\Http\LinkCookie;
use App\Models\Subscriber;
use App\Queries\Visitor\EndingConsent;
use App\Queries\Visitor\LinkTargets;
use App\Queries\Visitor\WordsThatEnd;
use App\Support\PublishedForms;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Consent\How;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** Withdrawing: a page with one button, without login or password; and the one click of mail programs (RFC 8058). */
final class WithdrawController
{
    public function __construct(
        private readonly LinkTargets $links,
        private readonly WordsThatEnd $ending,
        private readonly PublishedForms $published,
        private readonly WithdrawConsent $withdraw,
    ) {}

    /** The link of a mail: its secret leaves the address bar at once. */
    public function open(Request $request, string $token): Response|RedirectResponse
    {
        return $this->links->subscriber($token) === null ? LinkCookie::unknown($request) : LinkCookie::Withdraw->keep($token);
    }

    public function show(Request $request): Response
    {
        $token = LinkCookie::Withdraw->token($request);
        $subscriber = $this->links->subscriber($token);
        if ($subscriber === null) {
            return LinkCookie::unknown($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $ending = ($this->ending)($subscriber);

        return $ending === [] ? VisitorPage::respond($language, 'ending', ['page' => 'withdrawn-already'], $edition)
            : VisitorPage::respond($language, 'withdraw', ['token' => $token, 'consents' => $ending], $edition);
    }

    public function press(Request $request): Response
    {
        [$token, $purpose] = [$request->post('token'), $request->post('only')];

        return $this->end($request, is_string($token) ? $token : '', How::LinkPage, is_string($purpose) ? $purpose : null);
    }

    /** RFC 8058: a POST with exactly this body, from a mail program, without cookies. */
    public function oneClick(Request $request, string $token): Response|RedirectResponse
    {
        if ($request->post('List-Unsubscribe') !== 'One-Click') {
            return $this->open($request, $token);
        }

        return $this->end($request, $token, How::OneClick);
    }

    /** @param  string|null  $purpose  what ends; all where none is named */
    private function end(Request $request, string $token, How $how, ?string $purpose = null): Response
    {
        $subscriber = $this->links->subscriber($token);
        if ($subscriber === null) {
            return LinkCookie::unknown($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $named = $purpose === null ? null
            : array_merge([], ...array_map(static fn (EndingConsent $e): array => $e->purpose === $purpose ? $e->targets : [], ($this->ending)($subscriber)));
        $ended = ($this->withdraw)($subscriber->subject, $how, $named);
        $left = $named !== null && ($this->ending)($subscriber) !== [];

        return VisitorPage::respond($language, 'ending', ['page' => match (true) {
            ! $ended => 'withdrawn-already',
            $left => 'withdrawn-one',
            default => 'withdrawn',
        }], $edition);
    }

    /** @return array{PointEdition, Language} the edition and language of the newest sign-up */
    private function shownBefore(Subscriber $subscriber): array
    {
        $journey = $this->links->newestOf($subscriber);

        return [$this->published->edition($journey->edition->digest), $journey->language];
    }
}
