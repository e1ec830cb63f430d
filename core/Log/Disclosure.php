<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Base64Url;
use Juramen\Canon\Digest;

/**
 * One personal value with its salt, kept apart from the entry that names only its digest. Deleting the
 * disclosure removes the value and leaves the proof whole. Source: RFC 9901 (SD-JWT) section 4.2.1, 4.2.3.
 */
final readonly class Disclosure
{
    /** @param  string  $text base64url of the JSON array [salt, name, value]; hashed exactly as it stands */
    private function __construct(public string $text, public string $salt, public string $name, public string $value) {}

    /** @param  string  $name such as "email"; $value is UTF-8 text. The salt has 128 bits. */
    public static function make(string $name, string $value): self
    {
        $salt = Base64Url::encode(random_bytes(16));
        $json = json_encode([$salt, $name, $value], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return new self(Base64Url::encode($json), $salt, $name, $value);
    }

    /** @throws InvalidArgumentException where the text is not a disclosure of an object's member */
    public static function parse(string $text): self
    {
        $parts = json_decode(Base64Url::decode($text));
        if (! is_array($parts) || count($parts) !== 3 || array_filter($parts, is_string(...)) !== $parts) {
            throw new InvalidArgumentException('A disclosure is the base64url of a JSON array of salt, name and value, all text.');
        }

        return new self($text, ...$parts);
    }

    public function digest(): Digest
    {
        return Digest::of($this->text);
    }
}
