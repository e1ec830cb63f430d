<?php

declare(strict_types=1);

namespace Juramen\Points;

use DateTimeImmutable;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;
use Juramen\Register\Language;

/**
 * Proof that we ourselves served this form, when, and to whom just once: issued anew with every page, signed and
 * dated, bound to the edition, the language and the place. Its nonce is spent with the sign-up, so one page makes one sign-up.
 */
final readonly class VisitMark
{
    private const PURPOSE = 'visit';

    /** How long a page may lie open before it is sent: a day. */
    public const SECONDS = 86400;

    /** @param  string  $placement  where the person came upon the form, see Stamp */
    public function __construct(public Id $nonce, public Instant $issued, public Digest $edition, public Language $language, public string $placement) {}

    public static function issue(Instant $now, Digest $edition, Language $language, string $placement): self
    {
        return new self(Id::random(), $now->wholeSeconds(), $edition, $language, $placement);
    }

    public function seal(MacRing $keys): string
    {
        return $keys->seal(
            self::PURPOSE,
            $this->nonce->bytes.pack('J', $this->issued->utc->getTimestamp()).$this->edition->bytes."{$this->language->value} {$this->placement}"
        );
    }

    /** Null where the text is not a visit mark of ours; it may still be old. */
    public static function open(string $text, MacRing $keys): ?self
    {
        $payload = $keys->open(self::PURPOSE, $text);
        if ($payload === null || preg_match('/^[a-z]{2} [a-z-]{1,32}$/D', substr($payload, 56)) !== 1) {
            return null;
        }
        [$tag, $placement] = explode(' ', substr($payload, 56));
        $language = Language::tryFrom($tag);
        /** @var array{1: int} $issued */
        $issued = unpack('J', substr($payload, 16, 8));

        return $language === null ? null
            : new self(
                Id::fromBytes(substr($payload, 0, 16)), Instant::of(new DateTimeImmutable('@'.$issued[1])), Digest::fromBytes(substr($payload, 24, 32)),
                $language, $placement
            );
    }

    /** Whether a stamp says of the form what this mark says. */
    public function fits(Stamp $stamp): bool
    {
        return $stamp->edition->equals($this->edition) && $stamp->language === $this->language && $stamp->placement === $this->placement;
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
