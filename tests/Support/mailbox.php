<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliver;
use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\DeliveryHandlers;
use App\Actions\Mailing\Mail;
use App\Models\Delivery;
use App\Models\FailedWork;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Symfony\Component\Mime\Email;

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
    return 'someone.'.random_int(10_000_000, 99_999_999).'@post.example';
}

/** The mail that a delivery goes out as; null where its reason is gone. */
function composed(Delivery $delivery): ?Email
{
    $handler = app(DeliveryHandlers::class)->for($delivery->kind);
    assert($handler instanceof Mail);

    return $handler->compose($delivery);
}

/** Does what stands in the queue; returns what of it failed for good. */
function doQueuedWork(): int
{
    Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--quiet' => true]);

    return FailedWork::query()->count();
}

/** Sends what is due now; returns what became of each. */
function work(): array
{
    $outcomes = [];
    while (($message = app(Deliveries::class)->claim()) !== null) {
        $outcomes[] = app(Deliver::class)($message)->kind;
    }

    return $outcomes;
}
