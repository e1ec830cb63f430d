<?php

declare(strict_types=1);

namespace Juramen\Canon;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use InvalidArgumentException;

/** A moment in UTC, to the microsecond; the only way in which an entry writes a time (RFC 3339). */
final readonly class Instant
{
    private const FORM = 'Y-m-d\TH:i:s.u\Z';

    private function __construct(public DateTimeImmutable $utc) {}

    public static function of(DateTimeInterface $time): self
    {
        return new self(DateTimeImmutable::createFromInterface($time)->setTimezone(new DateTimeZone('UTC')));
    }

    /**
     * @param  string  $text  such as "2026-11-25T02:47:33.000001Z"
     *
     * @throws InvalidArgumentException where it is written differently
     */
    public static function parse(string $text): self
    {
        $time = str_contains($text, "\0") ? false : DateTimeImmutable::createFromFormat('!'.self::FORM, $text, new DateTimeZone('UTC'));
        if ($time === false || $time->format(self::FORM) !== $text) {
            throw new InvalidArgumentException("\"$text\" is not a time in UTC like 2026-11-25T02:47:33.000001Z.");
        }

        return new self($time);
    }

    public function text(): string
    {
        return $this->utc->format(self::FORM);
    }

    /** @param  int  $seconds may be negative */
    public function plusSeconds(int $seconds): self
    {
        return new self($this->utc->modify(sprintf('%+d seconds', $seconds)));
    }

    /** @param  int  $days of 24 hours each; may be negative */
    public function plusDays(int $days): self
    {
        return $this->plusSeconds($days * 86400);
    }

    /** The same moment without its fraction of a second. */
    public function wholeSeconds(): self
    {
        return new self($this->utc->setTimestamp($this->utc->getTimestamp()));
    }

    public function isAfter(self $other): bool
    {
        return $this->utc > $other->utc;
    }

    public function equals(self $other): bool
    {
        return $this->utc == $other->utc;
    }

    public static function earlier(self $one, self $other): self
    {
        return $one->isAfter($other) ? $other : $one;
    }

    public static function later(self $one, self $other): self
    {
        return $one->isAfter($other) ? $one : $other;
    }
}
