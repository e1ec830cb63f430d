<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\RequestException;
use Illuminate\Support\Facades\Http;

/** The mailbox stand-in, where one is configured: it forgets mails to people whom we have forgotten. */
final class Mailbox
{
    private const SECONDS = 5;

    public function isThere(): bool
    {
        return config()->string('juramen.mailbox_url', '') !== '';
    }

    /**
     * @param  list<string>  $messageIds  without their domain
     *
     * @throws ConnectionException where it is away
     * @throws RequestException where it fails
     */
    public function forget(array $messageIds): void
    {
        Http::timeout(self::SECONDS)->post(config()->string('juramen.mailbox_url').'/forget', ['ids' => $messageIds])->throw();
    }
}
