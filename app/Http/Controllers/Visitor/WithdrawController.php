<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Ledger\LedgerTables;
use App\Actions\Signup\WithdrawConsent;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Support\PublishedForms;
use App\Support\VisitorPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\MacRing;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\How;
use Juramen\Consent\Link;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** Withdrawing: a page with one button, without login or password; and the one click of mail programs (RFC 8058). */
final class WithdrawController
{
    public function __construct(
        private readonly MacRing $keys,
        private readonly PublishedForms $published,
        private readonly LedgerTables $ledger,
        private readonly WithdrawConsent $withdraw,
    ) {}

    public function show(Request $request, string $token = ''): Response
    {
        $subscriber = $this->subscriber($token);
        if ($subscriber === null) {
            return $this->badLink($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $open = array_filter(
            Permissions::of($this->ledger->chain($subscriber->subject))->all(), static fn (Permission $p): bool => $p->allowed() || $p->waits()
        );
        if ($open === []) {
            return VisitorPage::respond($language, 'ending', ['page' => 'withdrawn-already'], $edition);
        }

        return VisitorPage::respond($language, 'withdraw', ['token' => $token, 'statements' => $this->words($open)], $edition);
    }

    /**
     * The words of everything that would end, as the person agreed to them.
     *
     * @param  array<int, Permission>  $open
     * @return list<string>
     */
    private function words(array $open): array
    {
        $words = [];
        foreach ($open as $permission) {
            foreach ([...array_slice($permission->entries, 0, 1), ...$permission->pending->all()] as $entry) {
                $given = $entry->act;
                if (! $given instanceof Given) {
                    continue;
                }
                foreach ($this->published->edition($given->edition)->sheet->statements as $statement) {
                    if ($statement->purpose->text === $permission->target->purpose) {
                        $words[] = $statement->words($given->language);
                    }
                }
            }
        }

        return array_values(array_unique($words));
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
        $subscriber = $this->subscriber($token);
        if ($subscriber === null) {
            return $this->badLink($request);
        }
        [$edition, $language] = $this->shownBefore($subscriber);
        $ended = ($this->withdraw)($subscriber->subject, $how);

        return VisitorPage::respond($language, 'ending', ['page' => $ended ? 'withdrawn' : 'withdrawn-already'], $edition);
    }

    private function subscriber(string $token): ?Subscriber
    {
        $subject = Link::Withdraw->open($token, $this->keys);

        return $subject === null ? null : Subscriber::query()->where('subject', $subject->bytes)->first();
    }

    /** @return array{PointEdition, Language} the edition and language of the newest sign-up */
    private function shownBefore(Subscriber $subscriber): array
    {
        $journey = SignupJourney::query()->with('edition')->where('subscriber_id', $subscriber->id)->orderByDesc('asked_at')->firstOrFail();

        return [$this->published->edition($journey->edition->digest), $journey->language];
    }

    private function badLink(Request $request): Response
    {
        return VisitorPage::respond(
            Language::preferred((string) $request->header('Accept-Language'), Language::cases()), 'ending', ['page' => 'bad-link'], status: 404
        );
    }
}
