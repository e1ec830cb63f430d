<?php

declare(strict_types=1);

namespace Juramen\Screening;

use InvalidArgumentException;
use Normalizer;

/**
 * Tells letters that were struck at random from names: by which letter follows which, for each script for which that is known. Of other
 * scripts, and of words too short to tell, it says nothing. Marks above and below letters do not count.
 */
final readonly class LetterModel
{
    /** Letters below which a word is too short to tell. */
    private const LEAST = 5;

    /** Of how many words one is struck at random, to begin with. */
    private const ONE_IN = 1_000;

    /** Pairs of letters that have to be known of a script before anything is said of it. */
    private const KNOWN = 20_000;

    /** Letters of their own that stand for others where marks do not count. */
    private const FOLDED = [
        'ß' => 'ss', 'æ' => 'ae', 'œ' => 'oe', 'ø' => 'o', 'ł' => 'l', 'đ' => 'd', 'ð' => 'd', 'þ' => 'th', 'ı' => 'i', 'ħ' => 'h', 'ŋ' => 'n',
    ];

    private const EDGE = ' ';

    /** @param  array<array-key, float>  $ratios  of two letters: how much likelier the second follows the first in names than at random, as a logarithm */
    private function __construct(private array $ratios) {}

    /**
     * Learns from names of things in many languages.
     *
     * @param  list<string>  $texts
     */
    public static function of(array $texts): self
    {
        [$pairs, $firsts, $letters] = [[], [], []];
        foreach ($texts as $text) {
            foreach (self::words($text) as $word) {
                foreach (self::pairs($word) as $pair) {
                    $first = mb_substr($pair, 0, 1);
                    $pairs[$pair] = ($pairs[$pair] ?? 0) + 1;
                    $firsts[$first] = ($firsts[$first] ?? 0) + 1;
                    $letters[mb_substr($pair, 1)] = true;
                }
            }
        }
        $ratios = [];
        foreach (self::scripts() as $script) {
            $alphabet = array_filter(array_map(strval(...), array_keys($letters)), static fn (string $l): bool => preg_match($script, $l) === 1);
            $size = count($alphabet) + 1;
            $known = array_sum(array_intersect_key($firsts, array_flip($alphabet)));
            foreach ($known < self::KNOWN ? [] : [...$alphabet, self::EDGE] as $first) {
                foreach ([...$alphabet, self::EDGE] as $second) {
                    $ratios[$first.$second] = log(($size * (($pairs[$first.$second] ?? 0) + 0.5)) / (($firsts[$first] ?? 0) + 0.5 * $size));
                }
            }
        }
        unset($ratios[self::EDGE.self::EDGE]);

        return new self($ratios);
    }

    /**
     * How likely the least name-like word of a text was struck at random.
     *
     * @return float 0 to 1; 0 where nothing can be told
     */
    public function randomness(string $text): float
    {
        $most = 0.0;
        foreach (self::words($text) as $word) {
            $sum = 0.0;
            foreach (self::pairs($word) as $pair) {
                if (! isset($this->ratios[$pair])) {
                    continue 2;
                }
                $sum += $this->ratios[$pair];
            }
            $most = max($most, 1 / (1 + exp(max(-500.0, min(500.0, $sum)) + log(self::ONE_IN))));
        }

        return $most;
    }

    /**
     * As PHP keeps it for the next request.
     *
     * @return array<array-key, float>
     */
    public function toArray(): array
    {
        return $this->ratios;
    }

    /** @param  array<array-key, float>  $kept  as toArray() gives it */
    public static function from(array $kept): self
    {
        return new self($kept);
    }

    /** As it is kept in a file: a pair of letters to a line behind its ratio in hundredths. */
    public function text(): string
    {
        $line = static fn (int|string $pair, float $ratio): string => ((int) round(100 * $ratio))." $pair";
        $lines = array_map($line, array_keys($this->ratios), $this->ratios);

        return implode("\n", $lines)."\n";
    }

    /** @throws InvalidArgumentException where it is no such file */
    public static function parse(string $text): self
    {
        $ratios = [];
        foreach (explode("\n", rtrim($text, "\n")) as $number => $line) {
            if (preg_match('/^(-?\d{1,4}) (..)$/Du', $line, $m) !== 1) {
                throw new InvalidArgumentException('Line '.($number + 1).' of a letter model is a ratio in hundredths and two letters, such as "112 th".');
            }
            $ratios[$m[2]] = (int) $m[1] / 100;
        }

        return new self($ratios);
    }

    /** @return list<string> words that are long enough, in small letters without marks */
    private static function words(string $text): array
    {
        $plain = mb_strtolower((string) Normalizer::normalize(mb_scrub(mb_substr($text, 0, 400), 'UTF-8'), Normalizer::FORM_D));
        $plain = strtr((string) preg_replace('/\p{M}+/u', '', $plain), self::FOLDED);
        preg_match_all('/\p{L}+/u', $plain, $words);

        return array_values(array_filter($words[0], static fn (string $word): bool => mb_strlen($word) >= self::LEAST));
    }

    /** @return list<string> a word's letters two by two, its edges among them */
    private static function pairs(string $word): array
    {
        $letters = [self::EDGE, ...mb_str_split($word), self::EDGE];

        return array_map(static fn (string $a, string $b): string => $a.$b, array_slice($letters, 0, -1), array_slice($letters, 1));
    }

    /** @return list<string> patterns of letters of scripts that are written letter by letter */
    private static function scripts(): array
    {
        return ['/^[a-z]$/D', '/^\p{Cyrillic}$/Du', '/^\p{Greek}$/Du'];
    }
}
