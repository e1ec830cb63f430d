<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/** That an entry was committed: its position, its subject and place in that chain, and its digest. */
final readonly class JournalLine
{
    public function __construct(public int $position, public Id $subject, public int $sequence, public Digest $digest) {}

    public function text(): string
    {
        return "{$this->position} {$this->subject->hex()} {$this->sequence} {$this->digest->hex()}";
    }

    /** Null where it is no whole line. */
    public static function parse(string $text): ?self
    {
        return preg_match('/^(\d{1,18}) ([0-9a-f]{32}) (\d{1,9}) ([0-9a-f]{64})$/D', $text, $m) === 1
            ? new self((int) $m[1], Id::fromHex($m[2]), (int) $m[3], Digest::fromHex($m[4])) : null;
    }
}
