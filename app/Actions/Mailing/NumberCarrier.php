<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Delivery\Outcome;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/**
 * Whoever carries messages to numbers, over HTTP: one address, a key, and for each message the key under which it is known again. The
 * mailbox stand-in plays it by default.
 */
final class NumberCarrier
{
    private const SECONDS = 10;

    /** What cURL says where a line never stood (7, 6), so that nothing was handed over. */
    private const NO_LINE = '/cURL error (?:6|7)\b/';

    /**
     * @param  string  $key  the same on every try
     * @param  string  $to  E.164
     */
    public function send(string $key, string $from, string $to, string $text): Outcome
    {
        $url = config()->string('juramen.sms.url', '');
        if ($url === '') {
            return Outcome::notNow('no-carrier');
        }
        try {
            $answer = Http::timeout(self::SECONDS)->withToken(config()->string('juramen.sms.key', ''))->withHeaders(['Idempotency-Key' => $key])
                ->withoutRedirecting()->post($url, ['id' => $key, 'from' => $from, 'to' => $to, 'text' => $text]);
        } catch (ConnectionException $e) {
            return preg_match(self::NO_LINE, $e->getMessage()) === 1 ? Outcome::notNow('no-connection') : Outcome::unknown('no-answer');
        }

        return match (true) {
            $answer->successful() => Outcome::accepted(),
            // The number is none that a message reaches.
            $answer->status() === 422 => Outcome::returned(),
            in_array($answer->status(), [408, 425, 429], true), $answer->serverError() => Outcome::notNow("carrier-said-{$answer->status()}"),
            default => Outcome::faulty("carrier-said-{$answer->status()}"),
        };
    }
}
