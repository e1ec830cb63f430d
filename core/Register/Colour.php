<?php

declare(strict_types=1);

namespace Juramen\Register;

use InvalidArgumentException;

/** A colour of sRGB, and how it stands out from another. Source: WCAG 2.2, relative luminance and contrast ratio. */
final readonly class Colour
{
    /** Steps from a colour to black or white in which a passing one is looked for. */
    private const STEPS = 256;

    private function __construct(public int $red, public int $green, public int $blue) {}

    /** @throws InvalidArgumentException where it is not like #7a3a12 */
    public static function parse(string $hex): self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/D', $hex, $m) !== 1) {
            throw new InvalidArgumentException("\"$hex\" is not a colour like #7a3a12.");
        }

        return new self((int) hexdec($m[1]), (int) hexdec($m[2]), (int) hexdec($m[3]));
    }

    /** Null where it is no colour. */
    public static function find(string $hex): ?self
    {
        return preg_match('/^#[0-9a-f]{6}$/D', $hex) === 1 ? self::parse($hex) : null;
    }

    public static function white(): self
    {
        return new self(255, 255, 255);
    }

    public static function black(): self
    {
        return new self(0, 0, 0);
    }

    /** From 0, black, to 1, white. */
    public function luminance(): float
    {
        [$r, $g, $b] = array_map(static fn (int $part): float => $part / 255 <= 0.04045 ? $part / 255 / 12.92 : (($part / 255 + 0.055) / 1.055) ** 2.4, [
            $this->red, $this->green, $this->blue,
        ]);

        return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
    }

    /** From 1 to 21. */
    public function contrast(self $other): float
    {
        [$one, $two] = [$this->luminance(), $other->luminance()];

        return (max($one, $two) + 0.05) / (min($one, $two) + 0.05);
    }

    /**
     * This, with some of another in it.
     *
     * @param  float  $share  of the other, from 0 to 1
     */
    public function mixed(self $other, float $share): self
    {
        $mix = static fn (int $a, int $b): int => (int) round($a + ($b - $a) * $share);

        return new self($mix($this->red, $other->red), $mix($this->green, $other->green), $mix($this->blue, $other->blue));
    }

    /** The nearest shade of it, darker or lighter, that stands out enough from a ground; itself where it does. Some shade always reaches 4.5. */
    public function passing(self $ground, float $needed): self
    {
        for ($step = 0; $step <= self::STEPS; $step++) {
            foreach ([self::black(), self::white()] as $towards) {
                $shade = $this->mixed($towards, $step / self::STEPS);
                if ($shade->contrast($ground) >= $needed) {
                    return $shade;
                }
            }
        }

        return self::black()->contrast($ground) >= self::white()->contrast($ground) ? self::black() : self::white();
    }

    /** Whichever of black and white stands out more. */
    public function opposite(): self
    {
        return $this->contrast(self::white()) >= $this->contrast(self::black()) ? self::white() : self::black();
    }

    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }
}
