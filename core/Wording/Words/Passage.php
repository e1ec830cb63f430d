<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use ArrayObject;
use IntlBreakIterator;
use Juramen\Register\Language;
use Juramen\Wording\Found;

/**
 * A text, read once in one language: folded, split into sentences, clauses and words by ICU's rules (UAX 29), each word with the classes
 * that it belongs to. Frames are judged on it, and words are found in it.
 */
final readonly class Passage
{
    /** Bytes of texts that are remembered: a statement is judged by many requirements, a page's words for each of its forms. */
    private const REMEMBERED = 100_000;

    /** Characters without a full stop, behind which a sentence ends at the next mark or space. */
    private const LONGEST = 1_200;

    /**
     * @param  list<Sentence>  $sentences
     * @param  ArrayObject<string, mixed>  $told
     */
    private function __construct(
        public Folded $folded, public Vocabulary $vocabulary, public array $sentences, private ArrayObject $told = new ArrayObject
    ) {}

    public static function of(string $text, Language $language): self
    {
        /** @var array<string, self> $read */
        static $read = [];
        static $bytes = 0;
        $key = $language->value.hash('xxh128', $text);
        if (! isset($read[$key])) {
            if ($bytes > self::REMEMBERED) {
                [$read, $bytes] = [[], 0];
            }
            $bytes += strlen($text);
            $read[$key] = self::read($text, Vocabulary::of($language));
        }

        return $read[$key];
    }

    public static function read(string $text, Vocabulary $vocabulary): self
    {
        $folded = Folded::of($text);
        $sentences = [];
        $breaks = IntlBreakIterator::createSentenceInstance('en');
        $breaks?->setText($folded->text);
        [$at, $tokens] = [0, self::tokens($folded->text, $vocabulary)];
        for ($end = $breaks?->next() ?? IntlBreakIterator::DONE; $breaks !== null && $end !== IntlBreakIterator::DONE; $end = $breaks->next()) {
            $own = [];
            for (; isset($tokens[$at]) && $tokens[$at]->from < $end; $at++) {
                $own[] = $tokens[$at];
                if (($tokens[$at]->to - $own[0]->from) > self::LONGEST) {
                    $sentences[] = Sentence::of($own, $vocabulary);
                    $own = [];
                }
            }
            if ($own !== []) {
                $sentences[] = Sentence::of($own, $vocabulary);
            }
        }

        return new self($folded, $vocabulary, $sentences);
    }

    /** @return list<Token> */
    private static function tokens(string $text, Vocabulary $vocabulary): array
    {
        $breaks = IntlBreakIterator::createWordInstance('en');
        if ($breaks === null) {
            return [];
        }
        $breaks->setText($text);
        [$tokens, $from] = [[], 0];
        for ($to = $breaks->next(); $to !== IntlBreakIterator::DONE; $to = $breaks->next()) {
            $piece = substr($text, $from, $to - $from);
            if (trim($piece) !== '') {
                self::take($tokens, $piece, $from, $vocabulary);
            }
            $from = $to;
        }

        return self::joined($tokens, $text);
    }

    /**
     * @param  list<Token>  $tokens
     */
    private static function take(array &$tokens, string $piece, int $from, Vocabulary $vocabulary): void
    {
        $plain = preg_match('~[\x80-\xFF]~', $piece) !== 1;
        $form = $plain ? strtolower($piece) : mb_strtolower($piece);
        $apart = strpos($form, "'");
        if ($apart !== false && $vocabulary->isElided(substr($form, 0, $apart)) && strlen($form) === strlen($piece) && $apart + 1 < strlen($form)) {
            $tokens[] = new Token(substr($form, 0, $apart), $from, $from + $apart + 1, true, ctype_upper($piece[0]));
            $rest = substr($piece, $apart + 1);
            $tokens[] = new Token(substr($form, $apart + 1), $from + $apart + 1, $from + strlen($piece), true, preg_match('~^\p{Lu}~u', $rest) === 1);

            return;
        }
        $word = $plain ? ctype_alnum($piece[0]) : preg_match('~[\p{L}\p{N}\p{So}]~u', $piece) === 1;
        $capital = $plain || ctype_upper($piece[0]) ? ctype_upper($piece[0]) : preg_match('~^\p{Lu}~u', $piece) === 1;
        $tokens[] = new Token($form, $from, $from + strlen($piece), $word, $capital);
    }

    /**
     * "e-mail" is one word.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private static function joined(array $tokens, string $text): array
    {
        $joined = [];
        for ($i = 0, $n = count($tokens); $i < $n; $i++) {
            $token = $tokens[$i];
            if ($token->form === 'a' && ($tokens[$i + 1]->form ?? '') === '/' && ($tokens[$i + 2]->form ?? '') === 's' && $token->capital) {
                $joined[] = new Token('a/s', $token->from, $tokens[$i + 2]->to, true, true);
                $i += 2;
            } elseif ($token->form === 'e' && ($tokens[$i + 1]->form ?? '') === '-' && preg_match('~^(?:mail|post)~', $tokens[$i + 2]->form ?? '') === 1) {
                $joined[] = new Token('e'.$tokens[$i + 2]->form, $token->from, $tokens[$i + 2]->to, true, $token->capital);
                $i += 2;
            } elseif ($token->form === '-' && $i > 0 && $i + 1 < $n && $tokens[$i - 1]->to === $token->from && $tokens[$i + 1]->from === $token->to) {
                // A hyphen within a word parts nothing.
                $next = $tokens[++$i];
                $joined[] = new Token($next->form, $next->from, $next->to, $next->word, $next->capital, true);
            } else {
                $joined[] = $token;
            }
        }

        return $joined;
    }

    /** The original words from one token of a sentence to behind another. */
    public function words(Sentence $sentence, int $from, int $to): Found
    {
        return $this->folded->found($sentence->tokens[$from]->from, $sentence->tokens[max($from, $to - 1)]->to);
    }

    public function hitWords(Sentence $sentence, Hit $hit): Found
    {
        return $this->words($sentence, $hit->from, $hit->to);
    }

    public function clauseWords(Sentence $sentence, int $clause): Found
    {
        [$from, $to] = [$sentence->clauses[$clause]->from, $sentence->clauses[$clause]->to];
        while ($to > $from + 1 && ! $sentence->tokens[$to - 1]->word) {
            $to--;
        }

        return $this->words($sentence, $from, $to);
    }

    public function sentenceWords(Sentence $sentence): Found
    {
        return $this->words($sentence, 0, count($sentence->tokens));
    }

    /** The first words of a class. */
    public function find(WordClass ...$classes): ?Found
    {
        foreach ($this->sentences as $sentence) {
            $hit = $sentence->all(...$classes)[0] ?? null;
            if ($hit !== null) {
                return $this->hitWords($sentence, $hit);
            }
        }

        return null;
    }

    public function speaksOf(WordClass ...$classes): bool
    {
        return $this->find(...$classes) !== null;
    }

    /** The text without the words of these classes: a space for each of their characters. */
    public function without(WordClass ...$classes): string
    {
        $left = preg_split('~~u', $this->folded->original, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($this->sentences as $sentence) {
            foreach ($sentence->all(...$classes) as $hit) {
                $found = $this->hitWords($sentence, $hit);
                for ($i = $found->from; $i < $found->to; $i++) {
                    $left[$i] = ' ';
                }
            }
        }

        return implode('', $left);
    }

    /** @return list<string> words that say something, in lower case and without endings: letters only, at least three, none of the little ones */
    public function contentWords(): array
    {
        $words = [];
        foreach ($this->sentences as $sentence) {
            $little = [];
            foreach ($sentence->all(WordClass::Little, WordClass::Not, WordClass::I, WordClass::You, WordClass::Self, WordClass::May) as $hit) {
                $little[$hit->from] = true;
            }
            foreach ($sentence->tokens as $i => $token) {
                if ($token->word && ! isset($little[$i]) && preg_match('~^\p{L}{3,}$~u', $token->form) === 1) {
                    $words[] = $token->form;
                }
            }
        }

        return $words;
    }

    /**
     * What is asked of a text by many is told once.
     *
     * @template T
     *
     * @param  callable(): T  $tell
     * @return T
     */
    public function once(string $what, callable $tell): mixed
    {
        if (! $this->told->offsetExists($what)) {
            $this->told[$what] = $tell();
        }

        return $this->told[$what];
    }
}
