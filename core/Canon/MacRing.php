<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;
use SensitiveParameter;

/**
 * Secret keys for short texts that go out and come back (marks, links). Every text names the key it was made with,
 * so that keys can be renewed while older texts still hold. Made with HMAC-SHA-256 (RFC 2104) over the
 * purpose and the payload, so that a text made for one purpose is worthless for another.
 */
final readonly class MacRing
{
    /**
     * @param  array<string, string>  $keys  key id (1 to 8 letters or digits) to secret (32 bytes), newest last
     *
     * @throws InvalidArgumentException
     */
    public function __construct(#[SensitiveParameter] private array $keys)
    {
        if ($keys === []) {
            throw new InvalidArgumentException('A ring of keys holds at least one key.');
        }
        foreach ($keys as $id => $secret) {
            if (preg_match('/^[a-z][a-z0-9]{0,7}$/D', (string) $id) !== 1 || strlen($secret) !== 32) {
                throw new InvalidArgumentException('A key has an id of 1 to 8 letters or digits, a letter first, and a secret of 32 bytes.');
            }
        }
    }

    /** KEY.PAYLOAD.MAC, the last two in base64url; made with the newest key. */
    public function seal(string $purpose, string $payload): string
    {
        $id = (string) array_key_last($this->keys);

        return $id.'.'.Base64Url::encode($payload).'.'.Base64Url::encode($this->mac($id, $purpose, $payload));
    }

    /** The payload, or null where the text was not made here for this purpose. */
    public function open(string $purpose, string $text): ?string
    {
        $parts = explode('.', $text);
        if (count($parts) !== 3 || ! isset($this->keys[$parts[0]]) || strlen($text) > 2000) {
            return null;
        }
        try {
            $payload = Base64Url::decode($parts[1]);
            $mac = Base64Url::decode($parts[2]);
        } catch (InvalidArgumentException) {
            return null;
        }

        return hash_equals($this->mac($parts[0], $purpose, $payload), $mac) ? $payload : null;
    }

    private function mac(string $id, string $purpose, string $payload): string
    {
        return hash_hmac('sha256', $purpose."\0".$payload, $this->keys[$id], true);
    }
}
