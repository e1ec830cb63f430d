<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** Leads from bytes of a text to its characters and back, without counting from its beginning each time. */
final readonly class Offsets
{
    private const BLOCK = 256;

    /** @param  list<int>|null  $before  characters before each block of bytes; null where every character is one byte */
    private function __construct(private string $text, private ?array $before) {}

    public static function of(string $text): self
    {
        if (preg_match('~[\x80-\xFF]~', $text) !== 1) {
            return new self($text, null);
        }
        [$before, $count] = [[], 0];
        foreach (str_split($text, self::BLOCK) as $block) {
            $before[] = $count;
            $count += self::characters($block);
        }

        return new self($text, $before);
    }

    /** Characters that stand before a byte, which begins one. */
    public function character(int $byte): int
    {
        if ($this->before === null) {
            return $byte;
        }
        $block = min(intdiv($byte, self::BLOCK), count($this->before) - 1);

        return ($this->before[$block] ?? 0) + self::characters(substr($this->text, $block * self::BLOCK, $byte - $block * self::BLOCK));
    }

    /** The byte at which a character begins. */
    public function byte(int $character): int
    {
        if ($this->before === null) {
            return $character;
        }
        [$low, $high] = [0, count($this->before) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            ($this->before[$middle] ?? 0) <= $character ? $low = $middle : $high = $middle - 1;
        }
        $left = $character - ($this->before[$low] ?? 0);
        $at = $low * self::BLOCK;
        // What begins in the block before may end in this one.
        while ((ord($this->text[$at] ?? '') & 0xC0) === 0x80) {
            $at++;
        }

        return $at + strlen(mb_substr(substr($this->text, $at, 4 * $left), 0, $left));
    }

    /** Characters that begin in these bytes. */
    private static function characters(string $bytes): int
    {
        return strlen($bytes) - (int) preg_match_all('~[\x80-\xBF]~', $bytes);
    }
}
