<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;

/**
 * A text with signatures under it. Source: the open signed-note format: the text ends in a line feed, then an
 * empty line, then lines "— NAME BASE64(key id, signature)".
 */
final readonly class SignedNote
{
    /** @param  list<array{name: string, id: string, signature: string}>  $signatures */
    private function __construct(public string $text, private array $signatures) {}

    public static function sign(string $text, SigningKey ...$keys): self
    {
        if (! str_ends_with($text, "\n") || $keys === []) {
            throw new InvalidArgumentException('A note ends in a line feed and carries at least one signature.');
        }

        return new self($text, array_values(array_map(static fn (SigningKey $key): array => [
            'name' => $key->public->name,
            'id' => $key->public->id(),
            'signature' => $key->sign($text),
        ], $keys)));
    }

    /** @throws InvalidArgumentException where the note is malformed; whether signatures hold is asked of isSignedBy() */
    public static function parse(string $note): self
    {
        $cut = strrpos($note, "\n\n");
        if ($cut === false || ! str_ends_with($note, "\n") || ! mb_check_encoding($note, 'UTF-8')) {
            throw new InvalidArgumentException('A signed note is a text, an empty line and signature lines.');
        }
        $signatures = [];
        foreach (explode("\n", substr($note, $cut + 2, -1)) as $line) {
            $bytes = preg_match('/^— ([^\s+]+) ([A-Za-z0-9+\/]+={0,2})$/uD', $line, $m) === 1 ? base64_decode($m[2], true) : false;
            if ($bytes === false || strlen($bytes) < 5) {
                throw new InvalidArgumentException('A signature line reads "— NAME BASE64".');
            }
            $signatures[] = ['name' => $m[1], 'id' => substr($bytes, 0, 4), 'signature' => substr($bytes, 4)];
        }

        return new self(substr($note, 0, $cut + 1), $signatures);
    }

    public function note(): string
    {
        $lines = array_map(static fn (array $s): string => "— {$s['name']} ".base64_encode($s['id'].$s['signature'])."\n", $this->signatures);

        return $this->text."\n".implode('', $lines);
    }

    public function isSignedBy(VerifyingKey $key): bool
    {
        foreach ($this->signatures as $s) {
            if ($s['name'] === $key->name && $s['id'] === $key->id()) {
                return $key->verifies($this->text, $s['signature']);
            }
        }

        return false;
    }
}
