<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Juramen\Wording\Found;
use Normalizer;

/**
 * A text as it is read: compatibility forms, quotes, invisible characters, look-alike letters and pasted tags are made plain (Unicode
 * NFKC, UAX 15; the look-alikes are our own short list), and every place in it leads back to the original.
 */
final readonly class Folded
{
    /** Soft hyphens, characters of no width, marks of direction. */
    private const UNSEEN = '\x{AD}\x{34F}\x{61C}\x{180E}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{206F}\x{FE00}-\x{FE0F}\x{FEFF}';

    private const PLAIN = [
        '’' => "'", '‘' => "'", 'ʼ' => "'", '´' => "'", '`' => "'", '“' => '"', '”' => '"', '„' => '"', '«' => '"', '»' => '"', '‹' => '"', '›' => '"',
        '…' => '.', "\u{A0}" => ' ', "\u{202F}" => ' ', "\u{2009}" => ' ', '‐' => '-', '‑' => '-', '–' => '–', '—' => '–',
    ];

    /** Letters of Greek and Cyrillic that look like Latin ones, where they stand in Latin text. */
    private const ALIKE = [
        'а' => 'a', 'е' => 'e', 'о' => 'o', 'р' => 'p', 'с' => 'c', 'у' => 'y', 'х' => 'x', 'і' => 'i', 'ѕ' => 's', 'ј' => 'j', 'ԁ' => 'd',
        'һ' => 'h', 'ո' => 'n', 'А' => 'A', 'В' => 'B', 'Е' => 'E', 'К' => 'K', 'М' => 'M', 'Н' => 'H', 'О' => 'O', 'Р' => 'P', 'С' => 'C',
        'Т' => 'T', 'Х' => 'X', 'І' => 'I', 'ο' => 'o', 'α' => 'a', 'ν' => 'v', 'ι' => 'i', 'κ' => 'k', 'ρ' => 'p', 'τ' => 't', 'υ' => 'u',
        'Α' => 'A', 'Β' => 'B', 'Ε' => 'E', 'Ο' => 'O', 'Τ' => 'T',
    ];

    private Offsets $folds;

    private Offsets $originals;

    /**
     * @param  string  $text  folded, its capitals kept
     * @param  list<int>|null  $map  of every character of the folded text, its place in the original; null where they stand one for one
     */
    private function __construct(public string $original, public string $text, private ?array $map)
    {
        $this->folds = Offsets::of($text);
        $this->originals = $text === $original ? $this->folds : Offsets::of($original);
    }

    public static function of(string $original): self
    {
        $text = self::exchanged($original);

        return self::isPlain($text) ? new self($original, $text, null) : self::slowly($original, $text);
    }

    /** The folded text alone, where nothing needs to lead back. */
    public static function plain(string $original): string
    {
        $text = self::exchanged($original);

        return self::isPlain($text) ? $text : self::slowly($original, $text)->text;
    }

    private static function isPlain(string $text): bool
    {
        return preg_match('~['.self::UNSEEN.']~u', $text) !== 1 && Normalizer::isNormalized($text, Normalizer::FORM_KC);
    }

    /** Tags, quotes and look-alikes, one character for one. */
    private static function exchanged(string $original): string
    {
        $text = strtr(self::withoutTags($original), self::PLAIN);
        $strange = preg_match('~[^\x00-\x{2FF}\x{2000}-\x{FFFF}]~u', $text) === 1 ? preg_match_all('~[\p{Cyrillic}\p{Greek}\p{Armenian}]~u', $text) : 0;
        if ($strange > 0 && preg_match_all('~\p{Latin}~u', $text) > $strange) {
            $text = strtr($text, self::ALIKE);
        }

        return $text;
    }

    /** Character by character, each with where it came from. */
    private static function slowly(string $original, string $text): self
    {
        preg_match_all('~\X~u', $text, $clusters);
        [$plain, $map, $at] = ['', [], 0];
        foreach ($clusters[0] as $cluster) {
            $seen = (string) preg_replace('~['.self::UNSEEN.']~u', '', $cluster);
            $normal = $seen === '' ? '' : (Normalizer::normalize($seen, Normalizer::FORM_KC) ?: $seen);
            for ($i = mb_strlen($normal); $i > 0; $i--) {
                $map[] = $at;
            }
            $plain .= $normal;
            $at += mb_strlen($cluster);
        }
        $map[] = $at;

        return new self($original, $plain, $map);
    }

    /** Pasted tags and entities become as many spaces, so that every other character keeps its place. */
    private static function withoutTags(string $text): string
    {
        if (! str_contains($text, '<') && ! str_contains($text, '&')) {
            return $text;
        }

        return (string) preg_replace_callback(
            '~</?[a-z][^<>]{0,500}>|<!--.{0,500}?-->|&(?:[a-z]{2,8}|#\d{1,6}|#x[0-9a-f]{1,5});~iu',
            static fn (array $m): string => str_repeat(' ', mb_strlen($m[0])), $text
        );
    }

    /**
     * The original words of a stretch of the folded text.
     *
     * @param  int  $from  in bytes of the folded text
     * @param  int  $to  behind the last byte
     */
    public function found(int $from, int $to): Found
    {
        [$first, $behind] = [$this->folds->character($from), $this->folds->character($to)];
        if ($this->map !== null) {
            [$first, $behind] = [$this->map[$first], $this->map[$behind]];
        }

        $begins = $this->originals->byte($first);

        return new Found(substr($this->original, $begins, $this->originals->byte($behind) - $begins), $first, $behind);
    }
}
