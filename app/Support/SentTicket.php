<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\EmailAddress;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * What whoever has just sent a form carries to the page behind it: which mark they spent, and which address they gave, so that they can see
 * it, have the mail sent once more, and mend it. Encrypted, for half an hour, to that page only, out of reach of scripts. Everybody gets
 * one, whatever became of what they sent.
 */
final readonly class SentTicket
{
    private const NAME = 'sent';

    private const SECONDS = 1800;

    /** How often an address may be mended. */
    private const MENDINGS = 2;

    private function __construct(public Id $nonce, public EmailAddress $email, public int $mended, private Instant $until) {}

    public static function issue(Id $nonce, EmailAddress $email, Instant $now): self
    {
        return new self($nonce, $email, 0, $now->plusSeconds(self::SECONDS));
    }

    /** The ticket after its address was mended: of a mark made of this one and the new address, so that mending so twice is mending once. */
    public function mended(EmailAddress $email, Instant $now): self
    {
        $nonce = substr(hash_hmac('sha256', "mended {$this->nonce->hex()} {$email->lookup()}", config()->string('app.key'), true), 0, 16);

        return new self(Id::fromBytes($nonce), $email, $this->mended + 1, $now->plusSeconds(self::SECONDS));
    }

    public function mayBeMended(): bool
    {
        return $this->mended < self::MENDINGS;
    }

    public function seal(): string
    {
        return Crypt::encryptString((string) json_encode([$this->nonce->hex(), $this->email->text, $this->mended, $this->until->text()]));
    }

    /** Null where it was not made here, or its time is over. */
    public static function open(string $sealed, Instant $now): ?self
    {
        try {
            $said = json_decode(Crypt::decryptString($sealed), true);
        } catch (DecryptException) {
            return null;
        }
        [$nonce, $email, $mended, $until] = is_array($said) ? $said + array_fill(0, 4, null) : array_fill(0, 4, null);
        if (! is_string($nonce) || ! is_string($email) || ! is_int($mended) || ! is_string($until)) {
            return null;
        }
        $ticket = new self(Id::fromHex($nonce), EmailAddress::parse($email), $mended, Instant::parse($until));

        return $now->isAfter($ticket->until) ? null : $ticket;
    }

    /** @param  string  $page  path of the page to which it goes */
    public function cookie(string $page): Cookie
    {
        return Cookie::create(self::NAME)->withValue($this->seal())->withExpires($this->until->utc->getTimestamp())->withPath($page)
            ->withSecure(request()->isSecure())->withHttpOnly()->withSameSite(Cookie::SAMESITE_LAX);
    }

    public static function of(Request $request, Instant $now): ?self
    {
        $sealed = $request->cookies->get(self::NAME);

        return is_string($sealed) ? self::open($sealed, $now) : null;
    }
}
