<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/**
 * A statement of a ledger's size and root hash, and, in extension lines of ours, of where every chain ends (see ChainMap) and
 * which checkpoint this is. Source: the open tlog-checkpoint format (origin, size, base64 root, then extensions; a line
 * each). Checkpoints from before those lines stay valid.
 */
final readonly class Checkpoint
{
    private const CHAINS = 'chains ';

    private const NUMBER = 'checkpoint ';

    /**
     * @param  string  $origin names the ledger: no white space, no plus sign
     * @param  Digest|null  $chains  root of the map from subjects to the heads of their chains
     * @param  int|null  $number  from 1, without a gap
     */
    public function __construct(public string $origin, public int $size, public Digest $root, public ?Digest $chains = null, public ?int $number = null)
    {
        if (preg_match('/^[^\s+]+$/uD', $origin) !== 1) {
            throw new InvalidArgumentException(
                "\"$origin\" cannot name a ledger: use a name without white space or plus signs, like \"ledger.example/consent\"."
            );
        }
        if ($size < 0) {
            throw new InvalidArgumentException("A ledger has no entries or more, not $size.");
        }
    }

    public function text(): string
    {
        return $this->origin."\n".$this->size."\n".$this->root->base64()."\n"
            .($this->chains === null ? '' : self::CHAINS.$this->chains->base64()."\n")
            .($this->number === null ? '' : self::NUMBER.$this->number."\n");
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): self
    {
        if (preg_match('/^([^\s+]+)\n(0|[1-9]\d{0,17})\n([A-Za-z0-9+\/]{43}=)\n((?:[^\n]+\n)*)$/uD', $text, $m) !== 1) {
            throw new InvalidArgumentException('A checkpoint has three lines, origin, size, and root hash in base64, and perhaps extensions.');
        }
        $chains = preg_match('/^'.self::CHAINS.'([A-Za-z0-9+\/]{43}=)$/mD', $m[4], $c) === 1 ? Digest::fromBytes((string) base64_decode($c[1], true)) : null;
        $number = preg_match('/^'.self::NUMBER.'([1-9]\d{0,17})$/mD', $m[4], $n) === 1 ? (int) $n[1] : null;

        return new self($m[1], (int) $m[2], Digest::fromBytes((string) base64_decode($m[3], true)), $chains, $number);
    }
}
