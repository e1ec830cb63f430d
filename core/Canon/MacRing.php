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
    /** Bytes of a MAC where little fits. */
    private const FOLDED = 16;

    private MacKey $newest;

    /** @var ById<MacKey> */
    private ById $keys;

    /** @param  MacKey  ...$older  with which nothing is made any more, and what was made is still read */
    public function __construct(#[SensitiveParameter] MacKey $newest, #[SensitiveParameter] MacKey ...$older)
    {
        $this->newest = $newest;
        $this->keys = ById::of([...$older, $newest], static fn (MacKey $key): string => $key->id);
    }

    /** KEY.PAYLOAD.MAC, the last two in base64url; made with the newest key. */
    public function seal(string $purpose, string $payload): string
    {
        return $this->newest->id.'.'.Base64Url::encode($payload).'.'.Base64Url::encode(self::mac($this->newest, $purpose, $payload));
    }

    /** The payload, or null where the text was not made here for this purpose. */
    public function open(string $purpose, string $text): ?string
    {
        $parts = explode('.', $text);
        $key = $this->keys->get($parts[0]);
        if ($key === null || count($parts) !== 3 || strlen($text) > 2000) {
            return null;
        }
        try {
            $payload = Base64Url::decode($parts[1]);
            $mac = Base64Url::decode($parts[2]);
        } catch (InvalidArgumentException) {
            return null;
        }

        return hash_equals(self::mac($key, $purpose, $payload), $mac) ? $payload : null;
    }

    /**
     * The same for where capitals get lost and little fits, such as the left of an address: KEY-REST, REST being lower-case Base32 of the
     * payload and the first 128 bits of its MAC (RFC 2104 section 5 asks for 80 at least).
     */
    public function sealFolded(string $purpose, string $payload): string
    {
        return $this->newest->id.'-'.strtolower(Base32::encode($payload.substr(self::mac($this->newest, $purpose, $payload), 0, self::FOLDED)));
    }

    /** The payload, or null where the text was not made here for this purpose; in whatever case it comes back. */
    public function openFolded(string $purpose, string $text): ?string
    {
        $parts = explode('-', strtolower($text));
        $key = $this->keys->get($parts[0]);
        if ($key === null || count($parts) !== 2 || strlen($text) > 200) {
            return null;
        }
        try {
            $bytes = Base32::decode(strtoupper($parts[1]));
        } catch (InvalidArgumentException) {
            return null;
        }
        $payload = substr($bytes, 0, -self::FOLDED);

        return $payload !== '' && hash_equals(substr(self::mac($key, $purpose, $payload), 0, self::FOLDED), substr($bytes, -self::FOLDED)) ? $payload : null;
    }

    private static function mac(MacKey $key, string $purpose, string $payload): string
    {
        return hash_hmac('sha256', $purpose."\0".$payload, $key->secret, true);
    }
}
