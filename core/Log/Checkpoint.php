<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/** A statement of a ledger's size and root hash. Source: the open tlog-checkpoint format (origin, size, base64 root; a line each). */
final readonly class Checkpoint
{
    /** @param  string  $origin names the ledger: no white space, no plus sign */
    public function __construct(public string $origin, public int $size, public Digest $root)
    {
        if (preg_match('/^[^\s+]+$/uD', $origin) !== 1) {
            throw new InvalidArgumentException("\"$origin\" cannot name a ledger: use a name without white space or plus signs, like \"ledger.example/consent\".");
        }
        if ($size < 0) {
            throw new InvalidArgumentException("A ledger has no entries or more, not $size.");
        }
    }

    public function text(): string
    {
        return $this->origin."\n".$this->size."\n".$this->root->base64()."\n";
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): self
    {
        if (preg_match('/^([^\s+]+)\n(0|[1-9]\d{0,17})\n([A-Za-z0-9+\/]{43}=)\n$/uD', $text, $m) !== 1) {
            throw new InvalidArgumentException('A checkpoint has three lines: origin, size, and root hash in base64.');
        }

        return new self($m[1], (int) $m[2], Digest::fromBytes((string) base64_decode($m[3], true)));
    }
}
