<?php

declare(strict_types=1);

namespace Juramen\Points;

use DateTimeImmutable;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;

/**
 * Proof that we ourselves served this form, when, and to whom just once: issued anew with every page, signed and
 * dated, bound to the edition. Its nonce is spent with the sign-up, so one page makes one sign-up.
 */
final readonly class VisitMark
{
    private const PURPOSE = 'visit';

    /** How long a page may lie open before it is sent: a day. */
    public const SECONDS = 86400;

    public function __construct(public Id $nonce, public Instant $issued, public Digest $edition) {}

    public static function issue(Instant $now, Digest $edition): self
    {
        return new self(Id::random(), $now->wholeSeconds(), $edition);
    }

    public function seal(MacRing $keys): string
    {
        return $keys->seal(self::PURPOSE, $this->nonce->bytes.pack('J', $this->issued->utc->getTimestamp()).$this->edition->bytes);
    }

    /** Null where the text is not a visit mark of ours; it may still be old. */
    public static function open(string $text, MacRing $keys): ?self
    {
        $payload = $keys->open(self::PURPOSE, $text);
        if ($payload === null || strlen($payload) !== 56) {
            return null;
        }
        /** @var array{1: int} $issued */
        $issued = unpack('J', substr($payload, 16, 8));

        return new self(Id::fromBytes(substr($payload, 0, 16)), Instant::of(new DateTimeImmutable('@'.$issued[1])), Digest::fromBytes(substr($payload, 24)));
    }

    /** Whole seconds since it was issued. */
    public function age(Instant $now): int
    {
        return $now->utc->getTimestamp() - $this->issued->utc->getTimestamp();
    }

    public function isOld(Instant $now): bool
    {
        return $this->age($now) > self::SECONDS;
    }
}
