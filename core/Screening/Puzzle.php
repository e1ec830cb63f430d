<?php

declare(strict_types=1);

namespace Juramen\Screening;

use Juramen\Canon\Id;
use Juramen\Canon\MacRing;

/**
 * What the doubtful are asked: their browser is to find a number whose digest begins with so many zero bits, or where it cannot, they type one
 * of three words. Bound to the page that was served; nothing of it stays on the device.
 */
final readonly class Puzzle
{
    /** Of how many words three are chosen. */
    public const WORDS = 12;

    private const PURPOSE = 'puzzle';

    /** Zero bits that take a phone well under a second, and how many more at most. */
    private const LEAST_BITS = 12;

    private const MORE_BITS = 3;

    /**
     * @param  Id  $visit  nonce of the visit mark
     * @param  int  $bits  with which the digest begins, all of them zero
     * @param  list<int>  $words  numbers of the three words, from 0
     * @param  int  $asked  which of the three is to be typed, from 0
     */
    private function __construct(private Id $visit, public int $bits, public array $words, public int $asked, private string $salt) {}

    /** @param  int  $risk  in percent: the more, the harder */
    public static function put(Id $visit, int $risk): self
    {
        $words = range(0, self::WORDS - 1);
        shuffle($words);

        return new self(
            $visit, self::LEAST_BITS + min(self::MORE_BITS, intdiv(max(0, $risk), 30)), array_slice($words, 0, 3), random_int(0, 2), random_bytes(8)
        );
    }

    public function seal(MacRing $keys): string
    {
        return $keys->seal(self::PURPOSE, $this->visit->bytes.pack('C5', $this->bits, $this->asked, ...$this->words).$this->salt);
    }

    /** Null where it is none of ours, or of another page. */
    public static function open(string $token, Id $visit, MacRing $keys): ?self
    {
        $payload = $keys->open(self::PURPOSE, $token);
        if ($payload === null || strlen($payload) !== 29 || ! hash_equals($visit->bytes, substr($payload, 0, 16))) {
            return null;
        }
        /** @var array{1: int, 2: int, 3: int, 4: int, 5: int} $numbers */
        $numbers = unpack('C5', substr($payload, 16, 5));

        return new self($visit, $numbers[1], [$numbers[3], $numbers[4], $numbers[5]], $numbers[2], substr($payload, 21));
    }

    /**
     * Whether a browser found the number.
     *
     * @param  string  $token  as it was put
     * @param  string  $solution  a whole number in digits
     */
    public function isSolvedBy(string $token, string $solution): bool
    {
        if (preg_match('/^\d{1,12}$/D', $solution) !== 1) {
            return false;
        }
        $digest = hash('sha256', "$token:$solution", true);
        $bits = '';
        foreach (str_split(substr($digest, 0, 4)) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return str_starts_with($bits, str_repeat('0', $this->bits));
    }

    /**
     * Whether somebody typed the word.
     *
     * @param  list<string>  $words  all of them, in the language of the page
     */
    public function isAnsweredBy(string $typed, array $words): bool
    {
        $wanted = $words[$this->words[$this->asked]] ?? '';

        return $wanted !== '' && mb_strtolower(trim(mb_scrub($typed, 'UTF-8'), " \t\n\r\0\x0B.\"'“”„«»")) === mb_strtolower($wanted);
    }
}
