<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\WithdrawConsent;
use App\Models\Subscriber;
use App\Queries\Visitor\LinkTargets;
use App\Queries\Visitor\WordsThatEnd;
use App\Support\PublishedForms;
use App\Support\VisitorPage;
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

    public function show(Request $request, string $token = ''): Response
    {
        $subscriber = $this->links->subscriber($token);
        if ($subscriber === null) {
            return $this->badLink($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $words = ($this->ending)($subscriber);

        return $words === null ? VisitorPage::respond($language, 'ending', ['page' => 'withdrawn-already'], $edition)
            : VisitorPage::respond($language, 'withdraw', ['token' => $token, 'statements' => $words], $edition);
    }

    public function press(Request $request): Response
    {
        $token = $request->post('token');

        return $this->end($request, is_string($token) ? $token : '', How::LinkPage);
    }

    /** RFC 8058: a POST with exactly this body, from a mail program, without cookies. */
    public function oneClick(Request $request, string $token): Response
    {
        if ($request->post('List-Unsubscribe') !== 'One-Click') {
            return $this->show($request, $token);
        }

        return $this->end($request, $token, How::OneClick);
    }

    private function end(Request $request, string $token, How $how): Response
    {
        $subscriber = $this->links->subscriber($token);
        if ($subscriber === null) {
            return $this->badLink($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $ended = ($this->withdraw)($subscriber->subject, $how);

        return VisitorPage::respond($language, 'ending', ['page' => $ended ? 'withdrawn' : 'withdrawn-already'], $edition);
    }

    /** @return array{PointEdition, Language} the edition and language of the newest sign-up */
    private function shownBefore(Subscriber $subscriber): array
    {
        $journey = $this->links->newestOf($subscriber);

        return [$this->published->edition($journey->edition->digest), $journey->language];
    }

    private function badLink(Request $request): Response
    {
        return VisitorPage::respond(
            Language::preferred((string) $request->header('Accept-Language'), Language::cases()), 'ending', ['page' => 'bad-link'], status: 404
        );
    }
}
