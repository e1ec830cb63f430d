<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Delivery\Outbox;
use App\Actions\Mailing\MailSample;
use App\Models\DeliveryKind;
use App\Models\Record;
use App\Pages\Registers\Forms\MailView;
use App\Pages\Registers\MailRow;
use App\Queries\Registers\MailsOfHouse;
use App\Support\Csv;
use App\Support\DraftProof;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailWording;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The mails of the house: all in one list, and each as whoever gets it sees it. */
final class WordedMailController
{
    public function index(Request $request, MailsOfHouse $mails): View|StreamedResponse
    {
        $rows = array_map(MailRow::of(...), $mails->all());
        if ($request->query('as') === 'csv') {
            return Csv::respond('mails.csv', MailRow::COLUMNS, array_map(static fn (MailRow $r): array => $r->line(), $rows));
        }
        $may = SignedIn::user($request)->can('write', [Record::class, RecordKind::Mail]);

        return view('wording.mails', ['rows' => $rows, 'may' => $may]);
    }

    public function proof(Request $request, MailSample $sample, string $slug, string $language, string $draft): Response
    {
        $document = DraftProof::find($draft) ?? Record::named(RecordKind::Mail, $slug)->newestRevision()->document;
        $view = MailView::from($request->query->all());
        $mail = $sample->of(MailWording::from($document), Language::tryFrom($language) ?? abort(404));
        $headers = ['Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'; sandbox"];
        if ($mail === null) {
            return response(__('office.mail-proof-none'), 200, ['Content-Type' => 'text/plain; charset=utf-8', ...$headers]);
        }

        return $view->text ? response($mail->text($view->typed()), 200, ['Content-Type' => 'text/plain; charset=utf-8', ...$headers])
            : response($mail->html($view->typed(), $view->dark), 200, ['Content-Type' => 'text/html; charset=utf-8', ...$headers]);
    }

    /** To whoever writes it: as it is saved, in one language. */
    public function send(Request $request, Outbox $outbox, SystemClock $clock, string $slug, string $language): RedirectResponse
    {
        $record = Record::named(RecordKind::Mail, $slug);
        $user = SignedIn::user($request);
        $outbox->toColleague(
            $user, DeliveryKind::Proof, "$slug $language ".$clock->instant()->utc->format('Y-m-d H:i'), "$record->slug ".(Language::from($language)->value)
        );

        return redirect()->route('records.show', ['mail', $slug, 'shown' => $language])->with('said', "It is on its way to $user->email.");
    }
}
