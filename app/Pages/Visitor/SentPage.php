<?php

declare(strict_types=1);

namespace App\Pages\Visitor;

use App\Support\SentTicket;
use App\Support\VisitorPage;
use Illuminate\Http\Response;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/** What stands behind a form that was sent, or in its place: where to look for the mail, how to have it once more, how to mend the address. */
final class SentPage
{
    /**
     * @param  SentTicket|null  $ticket  of whoever has just sent it; null where that is not known any more
     * @param  string  $done  what was done last
     * @param  string  $typed  an address that was typed
     * @param  string  $fault  of it
     */
    public static function respond(
        PointEdition $edition, Language $spoken, ?SentTicket $ticket, string $done = '', int $status = 200, string $typed = '', string $fault = ''
    ): Response {
        $draft = $edition->sheet->draft;
        $gift = $draft->gift;

        return VisitorPage::respond($spoken, $edition->sheet->rules->doubleOptIn ? 'sent' : 'done', [
            'days' => $edition->sheet->rules->lapseDays, 'besides' => $draft->kind->servesSomethingElse(),
            'own' => Markup::html($draft->after->sent->orNothing($spoken)),
            'spot' => $gift?->spot === true ? ucfirst($gift->name->orNothing($spoken)) : '',
            'number' => $edition->sheet->asksByNumber(), 'ticket' => $ticket, 'done' => $done, 'typed' => $typed, 'fault' => $fault,
            'numberPage' => route('form.received', [$draft->point->text, $spoken->value], false),
            'page' => route('form.sent', [$draft->point->text, $spoken->value], false), 'form' => route('form', [$draft->point->text, $spoken->value], false),
        ], $edition, $status);
    }
}
