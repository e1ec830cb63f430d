<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\AskAgain;
use App\Actions\Signup\MendAddress;
use App\Pages\Visitor\SentPage;
use App\Support\PublishedForms;
use App\Support\SentTicket;
use App\Support\SystemClock;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Points\PointEdition;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Language;

/**
 * The page behind a form that was sent. Whoever sent it may have the mail sent once more, or mend the address; the answer is the same
 * whatever becomes of it, for it tells nobody who is known.
 */
final class SentController
{
    /** What was done last, in the address, so that a page that is loaded anew does nothing again. */
    private const DONE = 'done';

    public function __construct(private readonly PublishedForms $published, private readonly SystemClock $clock) {}

    public function show(Request $request, string $point, string $language): Response
    {
        $ticket = SentTicket::of($request, $this->clock->instant());
        $done = $request->query(self::DONE);

        return $this->page($this->edition($point), $language, $ticket, in_array($done, ['again', 'mended'], true) && $ticket !== null ? $done : '');
    }

    /** What was sent without anything that goes there by mail; whoever agreed by a number may have its message sent once more. */
    public function received(Request $request, string $point, string $language): Response
    {
        $ticket = SentTicket::of($request, $this->clock->instant());

        return $this->arrived($this->edition($point), $language, $ticket, $ticket !== null && $request->query(self::DONE) === 'again' ? 'again' : '');
    }

    /** Its button. */
    public function againByNumber(Request $request, AskAgain $again, string $point, string $language): Response|RedirectResponse
    {
        $sealed = $request->post('ticket');
        $ticket = is_string($sealed) ? SentTicket::open($sealed, $this->clock->instant()) : null;
        if ($ticket === null) {
            return $this->arrived($this->edition($point), $language, null, 'over', 410);
        }
        $again($ticket->nonce);

        return $this->done('again', $ticket, 'form.received', $point, $language);
    }

    /** @param  string  $done  what was done last */
    private function arrived(PointEdition $edition, string $language, ?SentTicket $ticket, string $done, int $status = 200): Response
    {
        $spoken = $this->spoken($edition, $language);
        $at = [$edition->sheet->draft->point->text, $spoken->value];

        return VisitorPage::respond($spoken, 'received', [
            'number' => $edition->sheet->asksByNumber(), 'ticket' => $ticket, 'done' => $done,
            'numberPage' => route('form.received', $at, false), 'form' => route('form', $at, false),
        ], $edition, $status);
    }

    /** One of the two buttons: on the page's own address, so that a page that is loaded anew leads back to it. */
    public function act(Request $request, AskAgain $again, MendAddress $mend, string $point, string $language): Response|RedirectResponse
    {
        $edition = $this->edition($point);
        $sealed = $request->post('ticket');
        $ticket = is_string($sealed) ? SentTicket::open($sealed, $this->clock->instant()) : null;
        $mends = $request->post('do') !== 'again';
        if ($ticket === null || ($mends && ! $ticket->mayBeMended())) {
            return $this->page($edition, $language, $ticket, 'over', 410);
        }
        if ($mends) {
            return $this->mend($request, $mend, $ticket, $edition, $language);
        }
        $again($ticket->nonce);

        return $this->done('again', $ticket, 'form.sent', $point, $language);
    }

    private function mend(Request $request, MendAddress $mend, SentTicket $ticket, PointEdition $edition, string $language): Response|RedirectResponse
    {
        $typed = $request->post('email');
        $typed = is_string($typed) ? $typed : '';
        try {
            $email = EmailAddress::parse($typed);
        } catch (InvalidEmailAddress $e) {
            return $this->page($edition, $language, $ticket, '', 422, $typed, $e->fault->value);
        }
        if ($email->text === $ticket->email->text) {
            return $this->page($edition, $language, $ticket, '', 422, $typed, 'same');
        }
        $mended = $ticket->mended($email, $this->clock->instant());
        $mend($ticket, $mended);

        return $this->done('mended', $mended, 'form.sent', $edition->sheet->draft->point->text, $language);
    }

    private function done(string $what, SentTicket $ticket, string $route, string $point, string $language): RedirectResponse
    {
        $page = route($route, [$point, $language], false);

        return redirect("$page?".self::DONE."=$what", 303)->withCookie($ticket->cookie($page));
    }

    /**
     * @param  string  $done  what was done last
     * @param  string  $fault  of the address that was typed
     */
    private function page(
        PointEdition $edition, string $language, ?SentTicket $ticket, string $done, int $status = 200, string $typed = '', string $fault = ''
    ): Response {
        return SentPage::respond($edition, $this->spoken($edition, $language), $ticket, $done, $status, $typed, $fault);
    }

    private function edition(string $point): PointEdition
    {
        return $this->published->current($point) ?? abort(404);
    }

    private function spoken(PointEdition $edition, string $language): Language
    {
        $known = Language::tryFrom($language);

        return $known !== null && $edition->isIn($known) ? $known : Language::preferred((string) request()->header('Accept-Language'), $edition->offered());
    }
}
