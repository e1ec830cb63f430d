<?php

declare(strict_types=1);

namespace Juramen\Access;

use InvalidArgumentException;
use Juramen\Canon\Base32;
use Juramen\Canon\Instant;
use SensitiveParameter;

/**
 * Codes that hold for a short time, as an app on somebody's phone computes them from a secret that both sides know: RFC 6238 (TOTP)
 * over RFC 4226 (HOTP). A step is a stretch of time that has one code; steps are counted from 1 January 1970, UTC.
 */
final readonly class OneTimeCodes
{
    /** Bytes of a secret: as long as the digest (RFC 4226, section 4, R6). */
    public const SECRET_BYTES = 20;

    /** Steps before and after the present one whose code is taken too (RFC 6238, section 5.2: one for the way, and for clocks). */
    private const TOLERANCE = 1;

    /**
     * @param  string  $secret  bytes, 16 at least
     * @param  int  $digits  of a code, 6 to 8
     * @param  int  $period  seconds of a step, 1 or more
     *
     * @throws InvalidArgumentException where one of them is out of range
     */
    public function __construct(
        #[SensitiveParameter] private string $secret, public int $digits = 6, public int $period = 30, private Hash $hash = Hash::Sha1
    ) {
        if (strlen($secret) < 16 || $digits < 6 || $digits > 8 || $period < 1) {
            throw new InvalidArgumentException('One-time codes need a secret of 16 bytes at least, 6 to 8 digits, and a period of a second at least.');
        }
    }

    public static function withNewSecret(): self
    {
        return new self(random_bytes(self::SECRET_BYTES));
    }

    public function secret(): string
    {
        return $this->secret;
    }

    /** @return int the step in which the moment lies; never negative for moments from 1970 on */
    public function stepAt(Instant $at): int
    {
        return intdiv($at->utc->getTimestamp(), $this->period);
    }

    /** @param  int  $step  0 or more */
    public function code(int $step): string
    {
        $mac = hash_hmac($this->hash->value, pack('J', $step), $this->secret, true);
        // RFC 4226, section 5.3: the last four bits say where 31 bits are taken from.
        $from = ord($mac[strlen($mac) - 1]) & 0xF;
        $bits = unpack('N', substr($mac, $from, 4));
        $number = ((int) ($bits[1] ?? 0)) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $this->digits), $this->digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code was given, which from then on counts as used; null where none is meant.
     *
     * @param  string  $given  as typed; spaces between the digits do not count
     * @param  int|null  $used  the newest step that was used: its code and older ones are refused (RFC 6238, section 5.2)
     */
    public function accept(#[SensitiveParameter] string $given, Instant $now, ?int $used = null): ?int
    {
        $code = (string) preg_replace('/\s+/u', '', $given);
        $present = $this->stepAt($now);
        $accepted = null;
        for ($step = $present + self::TOLERANCE; $step >= max(0, $present - self::TOLERANCE); $step--) {
            if (hash_equals($this->code($step), $code) && ($used === null || $step > $used)) {
                $accepted = $step;
            }
        }

        return $accepted;
    }

    /** The address by which apps take a secret over, as a picture or a link. */
    public function address(string $issuer, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode($issuer).':'.rawurlencode($account).'?'.http_build_query([
            'secret' => Base32::encode($this->secret), 'issuer' => $issuer, 'algorithm' => strtoupper($this->hash->value), 'digits' => $this->digits,
            'period' => $this->period,
        ], '', '&', PHP_QUERY_RFC3986);
    }
}
