<?php

declare(strict_types=1);

namespace Juramen\Wording;

use ArrayObject;
use Juramen\Register\Language;

/** How one language speaks of what concerns consent: patterns by topic, and its commonest words. */
final readonly class Lexicon
{
    /** So many answers are remembered: the words and links of a page are looked through for each of its forms. */
    private const REMEMBERED = 20_000;

    /**
     * @param  array<string, list<string>>  $patterns  topic to regular expressions without delimiters; case does not matter
     * @param  list<string>  $common  words that carry no content, in lower case
     * @param  ArrayObject<string, Found|null>  $found  topic and digest of a text to what was found
     */
    private function __construct(public Language $language, private array $patterns, private array $common, private ArrayObject $found = new ArrayObject) {}

    public static function of(Language $language): self
    {
        /** @var array<string, self> $all */
        static $all = [];

        return $all[$language->value] ??= match ($language) {
            Language::English => new self($language, Lexicons\English::PATTERNS, explode(' ', Lexicons\English::COMMON)),
            Language::German => new self($language, Lexicons\German::PATTERNS, explode(' ', Lexicons\German::COMMON)),
            Language::French => new self($language, Lexicons\French::PATTERNS, explode(' ', Lexicons\French::COMMON)),
            Language::Swedish => new self($language, Lexicons\Swedish::PATTERNS, explode(' ', Lexicons\Swedish::COMMON)),
            Language::Danish => new self($language, Lexicons\Danish::PATTERNS, explode(' ', Lexicons\Danish::COMMON)),
        };
    }

    /** The first words in the text that speak of the topic. */
    public function find(Topic $topic, string $text): ?Found
    {
        $key = $topic->value.' '.hash('xxh128', $text);
        if (! $this->found->offsetExists($key)) {
            if (count($this->found) >= self::REMEMBERED) {
                $this->found->exchangeArray([]);
            }
            $this->found[$key] = $this->search($topic, $text);
        }

        return $this->found[$key];
    }

    private function search(Topic $topic, string $text): ?Found
    {
        $first = null;
        foreach ($this->patterns[$topic->value] ?? [] as $pattern) {
            if (preg_match('~(?<![\p{L}\p{N}])(?:'.$pattern.')~iu', $text, $m, PREG_OFFSET_CAPTURE) === 1) {
                $from = mb_strlen(substr($text, 0, $m[0][1]));
                if ($first === null || $from < $first->from) {
                    $first = new Found($m[0][0], $from, $from + mb_strlen($m[0][0]));
                }
            }
        }

        return $first;
    }

    public function speaksOf(Topic $topic, string $text): bool
    {
        return $this->find($topic, $text) !== null;
    }

    /** The text without everything that speaks of the topics. */
    public function without(string $text, Topic ...$topics): string
    {
        foreach ($topics as $topic) {
            foreach ($this->patterns[$topic->value] ?? [] as $pattern) {
                $text = (string) preg_replace('~(?<![\p{L}\p{N}])(?:'.$pattern.')~iu', ' ', $text);
            }
        }

        return $text;
    }

    /** @return list<string> words with content, in lower case: letters only, at least three, none of the commonest */
    public function contentWords(string $text): array
    {
        preg_match_all('/\p{L}{3,}/u', mb_strtolower($text), $m);

        return array_values(array_diff($m[0], $this->common));
    }

    /** How many of the text's words are among the commonest of this language. */
    public function commonWords(string $text): int
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $m);

        return count(array_intersect($m[0], $this->common));
    }

    /** The language that a text is most likely in; null where it is too short or undecided. */
    public static function guess(string $text): ?Language
    {
        $counts = [];
        foreach (Language::cases() as $language) {
            $counts[$language->value] = self::of($language)->commonWords($text);
        }
        arsort($counts);
        [$best, $second] = array_slice(array_values($counts), 0, 2);

        return $best >= 3 && $best >= 1.5 * $second ? Language::from((string) array_key_first($counts)) : null;
    }
}
