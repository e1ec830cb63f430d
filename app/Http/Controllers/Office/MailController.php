<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Mailing\Outbox;
use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Mails on their way, without addresses; uncertain ones wait for a person's decision. */
final class MailController
{
    public function index(Request $request): View
    {
        $state = MessageState::tryFrom((string) $request->query('state')) ?? MessageState::Uncertain;

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
