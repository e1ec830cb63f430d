<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;

/**
 * The public keys that a ledger was signed with, each vouched for by the one before: whoever trusts the first
 * can follow to the newest. A rotation is a signed note whose text names the old and the new key.
 */
final readonly class KeyRing
{
    private const TITLE = "Juramen key rotation\n";

    /** @param  non-empty-list<VerifyingKey>  $keys oldest first */
    private function __construct(private array $keys) {}

    public static function startingWith(VerifyingKey $first): self
    {
        return new self([$first]);
    }

    /** The note with which an old key hands over to a new one. */
    public static function handOver(SigningKey $old, VerifyingKey $new): SignedNote
    {
        return SignedNote::sign(self::TITLE.$old->public->text()."\n".$new->text()."\n", $old);
    }

    /** @throws InvalidArgumentException unless the note is signed by, and hands over from, the newest key of this ring */
    public function rotate(SignedNote $note): self
    {
        $lines = explode("\n", $note->text);
        if (! str_starts_with($note->text, self::TITLE) || count($lines) !== 4) {
            throw new InvalidArgumentException('A key rotation has three lines: its title, the old key and the new one.');
        }
        if (VerifyingKey::parse($lines[1])->equals($this->newest()) === false || ! $note->isSignedBy($this->newest())) {
            throw new InvalidArgumentException('This key rotation is not signed by the key that was in use, '.$this->newest()->text().'.');
        }

        return new self([...$this->keys, VerifyingKey::parse($lines[2])]);
    }

    public function newest(): VerifyingKey
    {
        return $this->keys[count($this->keys) - 1];
    }

    /** @return non-empty-list<VerifyingKey> oldest first */
    public function keys(): array
    {
        return $this->keys;
    }

    /**
     * Reads a checkpoint that any key of this ring has signed.
     *
     * @throws InvalidArgumentException where none has, or it is malformed
     */
    public function open(string $note): Checkpoint
    {
        $signed = SignedNote::parse($note);
        foreach ($this->keys as $key) {
            if ($signed->isSignedBy($key)) {
                return Checkpoint::parse($signed->text);
            }
        }
        throw new InvalidArgumentException('No key of this ledger has signed this checkpoint.');
    }
}
