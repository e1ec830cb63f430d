<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Senders\VerifySender;
use App\Models\Record;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Register\Controller;
use Juramen\Register\RecordKind;

/** An address that mails come from: asked by a mail to it, and verified by whoever reads it. */
final class SenderController
{
    public function ask(Request $request, string $slug, VerifySender $verify): RedirectResponse
    {
        $controller = Controller::from(Record::named(RecordKind::Controller, $slug)->newestRevision()->document);
        $back = redirect()->route('records.show', ['controller', $slug]);
        if ($controller->sender === '') {
            return $back->withErrors(['sender' => 'Write the address first that mails come from.']);
        }
        $sender = $verify->ask($slug, $controller->sender, SignedIn::user($request));

        return $back->with('said', $sender->verified_at === null
            ? "A mail is on its way to $controller->sender. Whoever reads it presses the button behind its link." : 'This address is verified already.');
    }

    /** Opening the link changes nothing, whatever opened it. */
    public function show(string $token, VerifySender $verify): Response
    {
        $sender = $verify->find($token);

        return response()->view('office.sender', ['sender' => $sender, 'token' => $token, 'done' => false], $sender === null ? 404 : 200);
    }

    public function press(Request $request, VerifySender $verify): Response
    {
        $token = $request->string('token')->toString();
        $done = $verify->press($token);

        return response()->view('office.sender', ['sender' => $verify->find($token), 'token' => $token, 'done' => $done], $done ? 200 : 404);
    }
}
