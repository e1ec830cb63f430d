<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Mailing\Outbox;
use App\Models\Message;
use App\Models\MessageState;
use App\Support\Csv;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Mails on their way, without addresses; uncertain ones wait for a person's decision. */
final class MailController
{
    public function index(Request $request): View|Response
    {
        $state = MessageState::tryFrom((string) $request->query('state')) ?? MessageState::Uncertain;
        if ($request->query('as') === 'csv') {
            $rows = Message::query()->with('edition.point')
                ->where('state', $state)->orderByDesc('id')->limit(20_000)->get()->map(static fn (Message $m): array => [
                    $m->made_at->text(), $m->kind->value, $m->language->value, $m->edition->point->slug, (string) $m->edition->number, (string) $m->attempts,
                    $m->problem ?? '', $m->message_id,
                ]);

            $columns = ['laid_out', 'mail', 'language', 'point', 'edition', 'tries', 'problem', 'message_id'];

            return Csv::respond("mails-{$state->value}.csv", $columns, array_values($rows->all()));
        }

        return view('office.mails', [
            'state' => $state,
            'counts' => Message::query()->toBase()->selectRaw('state, COUNT(*) AS n')->groupBy('state')->pluck('n', 'state'),
            'mails' => Message::query()->with('edition.point')->where('state', $state)->orderByDesc('id')->paginate(50)->withQueryString(),
        ]);
    }

    public function again(Message $message, Outbox $outbox): RedirectResponse
    {
        $done = $outbox->sendAgain($message);

        return redirect()->route('mails')->with('said', $done ? 'It is sent once more.' : 'This mail is no longer uncertain; nothing was changed.');
    }
}
