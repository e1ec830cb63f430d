<?php

declare(strict_types=1);

namespace Juramen\Points;

use InvalidArgumentException;
use Juramen\Canon\Base64Url;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\MacRing;
use Juramen\Register\Language;
use TypeError;
use ValueError;

/** Says which edition a form was, in which language and where it was placed. Static: it goes wherever the form goes. */
final readonly class Stamp
{
    private const PURPOSE = 'stamp';

    /** @param  string  $placement such as "page" */
    public function __construct(public string $point, public Digest $edition, public Language $language, public string $placement) {}

    public function seal(MacRing $keys): string
    {
        return $keys->seal(self::PURPOSE, CanonicalJson::encode([$this->point, $this->edition->base64Url(), $this->language->value, $this->placement]));
    }

    /** Null where the text is not a stamp of ours. */
    public static function open(string $text, MacRing $keys): ?self
    {
        $payload = $keys->open(self::PURPOSE, $text);
        if ($payload === null) {
            return null;
        }
        try {
            $parts = array_map(static fn (mixed $part): string => is_string($part) ? $part : '', CanonicalJson::decode($payload));
            [$point, $edition, $language, $placement] = [...array_values($parts), '', '', '', ''];

            return new self($point, Digest::fromBytes(Base64Url::decode($edition)), Language::from($language), $placement);
        } catch (InvalidArgumentException|TypeError|ValueError) {
            return null;
        }
    }
}
