<?php

declare(strict_types=1);

namespace Juramen\Canon;

use Stringable;

/** The short name of something in the registers, such as "voyage-news"; it stands in addresses, documents and entries, and never changes. */
final readonly class Slug implements Stringable
{
    public const LONGEST = 60;

    private function __construct(public string $text) {}

    /**
     * @param  string  $text  lower-case letters and digits, hyphens between
     *
     * @throws Refused
     */
    public static function parse(string $text): self
    {
        return preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $text) === 1 ? new self($text) : throw Refused::because(DraftRefusal::NotASlug, given: $text);
    }

    /** As people would say it: "voyage news". */
    public function spoken(): string
    {
        return str_replace('-', ' ', $this->text);
    }

    public function equals(self $other): bool
    {
        return $this->text === $other->text;
    }

    public function __toString(): string
    {
        return $this->text;
    }
}
