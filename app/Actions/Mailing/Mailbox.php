<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/** The mailbox stand-in, where one is configured: it forgets mails to people whom we have forgotten. */
final class Mailbox
{
    /** @param  list<string>  $messageIds without their domain */
    public function forget(array $messageIds): void
    {
        $url = config()->string('juramen.mailbox_url', '');
        if ($url === '' || $messageIds === []) {
            return;
        }
        try {
            Http::timeout(2)->post($url.'/forget', ['ids' => $messageIds]);
        } catch (ConnectionException) {
            // A stand-in that is away keeps its mails, as a real inbox would.
        }
    }
}
