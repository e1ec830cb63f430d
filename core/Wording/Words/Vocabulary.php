<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use ArrayObject;
use InvalidArgumentException;
use Juramen\Register\Language;

/**
 * The words of one language by their classes, ready to be looked up: entries of one word by how they are written, longer ones by their
 * first word. An entry's word stands for itself with all endings of inflection; "=word" for exactly that, "word*" for whatever begins so,
 * "*word" for whatever ends so, "a/b" for either, "..." for up to twelve words of the same clause, and "9" for any number.
 */
final readonly class Vocabulary
{
    /** Words at most that "..." stands for. */
    public const GAP = 12;

    private const NUMBER = 0;

    /**
     * @param  array<string, int>  $exact
     * @param  array<string, int>  $stems
     * @param  array<int, array<string, int>>  $begins  by length in bytes
     * @param  array<int, array<string, int>>  $ends  by length in bytes
     * @param  array<string, int>  $within
     * @param  array<int, list<WordClass>>  $singles  what a word alone belongs to
     * @param  array<int, list<array{WordClass, list<list<int>|null>}>>  $longer  entries of several words by one of their first; null is a gap
     * @param  array<string, true>  $elided  what is written before an apostrophe and is a word of its own
     * @param  array<string, list<string>>  $sections  what is no class of words
     * @param  ArrayObject<string, list<array{int, string|null}>>  $known  form to what it matches, and what stands before its last part
     */
    private function __construct(
        private array $exact, private array $stems, private array $begins, private array $ends, private array $within, private array $singles,
        private array $longer, private array $elided, private Stems $stemmer, private array $sections, private ArrayObject $known = new ArrayObject
    ) {}

    public static function of(Language $language): self
    {
        /** @var array<string, self> $all */
        static $all = [];

        return $all[$language->value] ??= self::from(VocabularyFiles::read(VocabularyFiles::HOME.'/'.$language->value));
    }

    /**
     * @param  array<string, list<string>>  $sections  as the files have them
     *
     * @throws InvalidArgumentException where an entry cannot be read
     */
    public static function from(array $sections): self
    {
        $endings = [];
        foreach ($sections['endings'] ?? [] as $line) {
            [$ending, $by] = array_map(trim(...), explode('>', "$line>"));
            $endings[$ending] = $by;
        }
        $stems = Stems::with($endings);
        $elided = array_fill_keys($sections['elided'] ?? [], true);
        $maker = new VocabularyMaker($stems, $elided);
        $other = [];
        foreach ($sections as $section => $lines) {
            $class = WordClass::tryFrom($section);
            if ($class === null) {
                $other[$section] = $lines;

                continue;
            }
            foreach ($lines as $line) {
                $maker->add($class, $line);
            }
        }

        return new self(
            $maker->exact, $maker->stems, $maker->begins, $maker->ends, $maker->within, $maker->singles, $maker->longer, $elided, $stems, $other
        );
    }

    /** @return list<string> the lines of a section that is no class of words */
    public function section(string $name): array
    {
        return $this->sections[$name] ?? [];
    }

    /** @return array<string, int> words that are entered exactly as they are written: the little words of the language */
    public function written(): array
    {
        return $this->exact;
    }

    /** @return array<string, true> */
    public function elided(): array
    {
        return $this->elided;
    }

    /**
     * Everything that a sentence's words belong to, in their order. Where several words make an entry, shorter entries within it do not count.
     *
     * @param  list<Token>  $tokens
     * @return list<Hit>
     */
    public function hits(array $tokens): array
    {
        [$hits, $covered, $within, $known] = [[], [], [], array_map(fn (Token $t): array => $this->known($t), $tokens)];
        foreach ($known as $i => $symbols) {
            foreach ($symbols as [$symbol, $rest]) {
                foreach ($this->singles[$symbol] ?? [] as $class) {
                    $hits[] = new Hit($class, $i, $i + 1, $rest);
                }
                foreach ($this->longer[$symbol] ?? [] as [$class, $words]) {
                    $matched = $this->matches($words, $i, $tokens, $known);
                    if ($matched !== null) {
                        $hits[] = new Hit($class, $i, end($matched) + 1);
                        foreach ($matched as $at) {
                            $within[$at] = true;
                            $covered[$at] = $class->swallows() ? max($covered[$at] ?? 0, count($matched)) : $covered[$at] ?? 0;
                        }
                    }
                }
            }
        }
        $left = array_filter(
            $hits, static fn (Hit $h): bool => $h->class->isOfForms() || $h->to - $h->from >= ($covered[$h->from] ?? 0)
                && ! ($h->class === WordClass::Not && isset($within[$h->from]))
        );
        usort($left, static fn (Hit $a, Hit $b): int => $a->from <=> $b->from ?: $b->to <=> $a->to);

        return $left;
    }

    /** Whether a word belongs to anything that is read here. */
    public function knows(Token $token): bool
    {
        return $this->known($token) !== [];
    }

    /**
     * @param  list<list<int>|null>  $words  behind the first
     * @param  list<Token>  $tokens
     * @param  list<list<array{int, string|null}>>  $known
     * @return non-empty-list<int>|null the numbers of the tokens
     */
    private function matches(array $words, int $from, array $tokens, array $known): ?array
    {
        [$matched, $at, $gap] = [[$from], $from + 1, 0];
        foreach ($words as $symbols) {
            if ($symbols === null) {
                $gap = self::GAP;

                continue;
            }
            for ($skipped = 0; ; $skipped++, $at++) {
                if (! isset($tokens[$at]) || $skipped > $gap) {
                    return null;
                }
                foreach ($known[$at] as [$symbol]) {
                    if (in_array($symbol, $symbols, true)) {
                        $matched[] = $at++;
                        $gap = 0;

                        continue 3;
                    }
                }
                if ($tokens[$at]->parts() && $tokens[$at]->form !== '-') {
                    return null;
                }
            }
        }

        return $matched;
    }

    /** @return list<array{int, string|null}> */
    private function known(Token $token): array
    {
        if ($token->isNumber()) {
            return [[self::NUMBER, null]];
        }
        $known = $this->known[$token->form] ?? null;
        if ($known === null) {
            $this->known[$token->form] = $known = $this->look($token->form);
        }

        return $known;
    }

    /** @return list<array{int, string|null}> */
    private function look(string $form): array
    {
        $found = [];
        foreach ([$this->exact[$form] ?? null, $this->stems[$this->stemmer->of($form)] ?? null] as $symbol) {
            if ($symbol !== null) {
                $found[] = [$symbol, null];
            }
        }
        foreach ($this->begins as $length => $beginnings) {
            $symbol = $beginnings[substr($form, 0, $length)] ?? null;
            if ($symbol !== null) {
                $found[] = [$symbol, null];
            }
        }
        foreach ([$form, $this->stemmer->of($form)] as $n => $word) {
            foreach ($this->ends as $length => $endings) {
                $symbol = strlen($word) > $length ? $endings[substr($word, -$length)] ?? null : null;
                if ($symbol !== null && ! in_array($symbol, array_column($found, 0), true)) {
                    $found[] = [$symbol, substr($word, 0, -$length)];
                }
            }
            if ($n === 0 && $word === $this->stemmer->of($form)) {
                break;
            }
        }
        foreach ($this->within as $part => $symbol) {
            if (str_contains($form, (string) $part)) {
                $found[] = [$symbol, null];
            }
        }

        return $found;
    }
}
