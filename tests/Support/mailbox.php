<?php

declare(strict_types=1);

use App\Actions\Mailing\Outbox;
use App\Actions\Mailing\SendMail;
use Illuminate\Support\Facades\Http;

/* The mailbox stand-in of the running instance, as tests use it. */

/** How the mailbox stand-in of the running instance is to behave. */
function mailServer(string $mode): void
{
    Http::asForm()->withoutRedirecting()->post(mailbox().'/mode', ['name' => $mode, 'seconds' => 0]);
}

function mailbox(): string
{
    return 'http://127.0.0.1:'.(config('juramen.mail.port') + 1);
}

/** @return list<array<string, mixed>> */
function arrived(string $to): array
{
    return Http::get(mailbox().'/mails.json', ['to' => $to])->json();
}

function someone(): string
{
    return 'someone.'.bin2hex(random_bytes(4)).'@post.example';
}

/** Sends what is due now; returns what became of each. */
function work(): array
{
    $outcomes = [];
    while (($message = app(Outbox::class)->claim()) !== null) {
        $outcomes[] = app(SendMail::class)($message)->kind;
    }

    return $outcomes;
}
