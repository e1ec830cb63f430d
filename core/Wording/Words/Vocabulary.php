<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use ArrayObject;
use InvalidArgumentException;
use Juramen\Register\Language;

/**
 * The words of one language by their classes, ready to be looked up: entries of several words go by their first. All that is made of the files is
 * held in arrays of numbers and words, so that PHP can keep it.
 *
 * @phpstan-import-type Patterns from WordPatterns
 *
 * @phpstan-type Entries array<int, array{string, list<array<int, true>|null>}>
 * @phpstan-type Made array{patterns: Patterns, singles: array<int, list<string>>, longer: array<int, array<int, Entries>>,
 *     sections: array<string, list<string>>, clues: array<string, list<string>>}
 */
final readonly class Vocabulary
{
    /** Bytes of sentences that are kept: those of a label stand on its form and on its page again, and what fields are called on every form. */
    private const KEPT = 30_000;

    private const LONGEST_KEPT = 2_000;

    /** What comes next where an entry goes on with a gap. */
    private const ANY = -1;

    /** Words at most that "..." stands for. */
    public const GAP = 12;

    /**
     * @param  array<int, list<string>>  $singles  classes that a word alone belongs to
     * @param  array<int, array<int, Entries>>  $longer  what begins with a word, by the word that comes next: its class, and the words behind, each with
     *                                                    its alternatives; null is a gap
     * @param  array<string, true>  $elided  what is written before an apostrophe and is a word of its own
     * @param  array<string, list<string>>  $sections  lines of those that are no class of words
     * @param  array<string, list<string>>  $cluesOf  to the entries of each class
     * @param  Kept<Sentence>  $read  sentences by their text
     * @param  ArrayObject<string, Written>  $written  forms of words, by how they are written
     * @param  ArrayObject<string, Clues>  $clues  by what they lead to
     */
    private function __construct(
        private WordPatterns $patterns, private array $singles, private array $longer, private array $elided, private array $sections,
        private array $cluesOf, private Kept $read = new Kept(Sentence::class, self::KEPT, self::LONGEST_KEPT),
        private ArrayObject $written = new ArrayObject, private ArrayObject $clues = new ArrayObject
    ) {}

    public static function of(Language $language): self
    {
        /** @var array<string, self> $all */
        static $all = [];

        return $all[$language->value] ??= self::from(
            LanguageFiles::made($language, 'vocabulary', static fn (): array => self::make(LanguageFiles::words($language)))
        );
    }

    /** @throws InvalidArgumentException where an entry cannot be read */
    public static function parse(Sections $sections): self
    {
        return self::from(self::make($sections));
    }

    /** @param  Made  $made */
    private static function from(array $made): self
    {
        $sections = $made['sections'];
        $stems = Stems::from($sections['endings'] ?? [], isset($sections['doubled']));

        return new self(
            WordPatterns::from($stems, $made['patterns']), $made['singles'], $made['longer'], array_fill_keys($sections['elided'] ?? [], true), $sections,
            $made['clues']
        );
    }

    /**
     * @return Made
     *
     * @throws InvalidArgumentException where an entry cannot be read
     */
    private static function make(Sections $sections): array
    {
        $patterns = new WordPatterns(Stems::from($sections->lines('endings'), $sections->lines('doubled') !== []));
        $elided = array_fill_keys($sections->lines('elided'), true);
        [$singles, $longer, $clues, $entries] = [[], [], [], 0];
        foreach ([WordClass::Little, WordClass::I, WordClass::You, WordClass::Self, WordClass::Not] as $class) {
            array_map($patterns->little(...), preg_grep('~^=[^\s/]+$~u', $sections->lines($class->value)) ?: []);
        }
        $plainly = PlainLetters::in($sections);
        foreach (WordClass::cases() as $class) {
            foreach ($sections->lines($class->value) as $line) {
                $written = $plainly->besides(Entry::parse($line, $elided)->words);
                $words = array_map(static fn (?array $w): ?array => $w === null ? null : array_map($patterns->number(...), $w), $written);
                $each = array_map(static fn (array $w): array => array_map($patterns->clue(...), $w), array_values(array_filter($written, is_array(...))));
                $clues[$class->value] = ($clues[$class->value] ?? []) + array_fill_keys(Clues::longest($each), true);
                $entries++;
                $others = array_map(static fn (?array $w): ?array => $w === null ? null : array_fill_keys($w, true), array_slice($words, 1));
                foreach (array_unique($words[0] ?? []) as $number) {
                    foreach (count($words) > 1 ? $words[1] ?? [self::ANY] : [] as $next) {
                        $longer[$number][$next][$entries] = [$class->value, $others];
                    }
                    if (count($words) > 1) {
                        continue;
                    }
                    if (! in_array($class->value, $singles[$number] ?? [], true)) {
                        $singles[$number][] = $class->value;
                    }
                }
            }
        }

        $names = array_diff($sections->names(), array_column(WordClass::cases(), 'value'));

        return [
            'patterns' => $patterns->toArray(), 'singles' => $singles, 'longer' => $longer,
            'sections' => array_combine($names, array_map($sections->lines(...), $names)),
            'clues' => array_map(static fn (array $of): array => array_map(strval(...), array_keys($of)), $clues),
        ];
    }

    /** @return list<string> the lines of a section that is no class of words */
    public function section(string $name): array
    {
        return $this->sections[$name] ?? [];
    }

    /** What a text must have in which words of any of the classes stand. */
    public function cluesTo(WordClass ...$classes): Clues
    {
        $key = '';
        foreach ($classes as $class) {
            $key .= " $class->value";
        }
        $known = $this->clues[$key] ?? null;
        if ($known !== null) {
            return $known;
        }
        $clues = array_merge([], ...array_map(fn (WordClass $class): array => $this->cluesOf[$class->value] ?? [], $classes));

        return $this->clues[$key] = Clues::of($clues, WordPatterns::BEGINS);
    }

    /** What its words belong to; null where it has none. */
    public function sentence(string $text): ?Sentence
    {
        $known = $this->read->find('', $text);
        if ($known !== null) {
            return $known;
        }
        $tokens = Tokens::of($text, $this);

        return $tokens === [] ? null : $this->read->keep('', $text, Sentence::of($tokens, $this));
    }

    public function isElided(string $form): bool
    {
        return isset($this->elided[$form]);
    }

    /** Whether a word belongs to anything that is read here. */
    public function knows(Token $token): bool
    {
        return $this->written($token)->words !== [];
    }

    /**
     * Whether a word by itself belongs to anything, and not only beside others.
     *
     * @param  list<WordClass>  $besides  classes that do not count
     */
    public function knowsAlone(string $form, array $besides = []): bool
    {
        foreach ($this->written(new Token($form, 0, 0, true, false))->alone as $alone) {
            if (! in_array($alone->class, $besides, true)) {
                return true;
            }
        }

        return false;
    }

    /** What its form belongs to, by itself and at the beginning of longer entries. */
    private function written(Token $token): Written
    {
        $form = $token->isNumber() ? '9' : $token->form;
        $known = $this->written[$form] ?? null;
        if ($known !== null) {
            return $known;
        }
        [$words, $alone, $longer] = [[], [], []];
        foreach ($this->patterns->in($token) as $word) {
            $words[$word->number] = true;
            foreach ($this->singles[$word->number] ?? [] as $class) {
                $alone[] = new Alone(WordClass::from($class), $word->rest);
            }
            if (isset($this->longer[$word->number])) {
                $longer[] = $word->number;
            }
        }

        return $this->written[$form] = new Written($words, $alone, $longer);
    }

    /**
     * Everything that a sentence's words belong to, in their order. Where several words make an entry, shorter entries within it do not count.
     *
     * @param  list<Token>  $tokens
     * @return list<Hit>
     */
    public function hits(array $tokens): array
    {
        [$hits, $covered, $within, $seen] = [[], [], [], []];
        foreach ($tokens as $token) {
            $seen[] = $this->written($token);
        }
        foreach ($seen as $i => $written) {
            foreach ($written->longer as $number) {
                foreach (self::begun($this->longer[$number], $seen[$i + 1] ?? null) as [$name, $others]) {
                    $matched = self::matches($others, $i, $tokens, $seen);
                    if ($matched === null || ($name === WordClass::DoubleNo->value && self::joins($matched, $seen))) {
                        continue;
                    }
                    $class = WordClass::from($name);
                    $hits[] = new Hit($class, $i, end($matched) + 1, $matched);
                    foreach ($matched as $at) {
                        $within[$at] = max($within[$at] ?? 0, count($matched));
                        $covered[$at] = $class->swallows() ? max($covered[$at] ?? 0, count($matched)) : $covered[$at] ?? 0;
                    }
                }
            }
            foreach ($written->alone as $alone) {
                $hits[] = new Hit($alone->class, $i, $i + 1, [$i], $alone->rest);
            }
        }
        if ($within === []) {
            return $hits;
        }
        $left = [];
        foreach ($hits as $hit) {
            $not = $hit->class === WordClass::Not && count($hit->tokens) < ($within[$hit->from] ?? 0);
            $taken = $not || $hit->to - $hit->from < min($covered[$hit->from] ?? 0, $covered[$hit->to - 1] ?? 0);
            if (! $taken || $hit->class->isOfForms()) {
                $left[] = $hit;
            }
        }

        return $left;
    }

    /**
     * Whether an "and" stands between words: "we do not sell it and do not share it" says two things, and no for each.
     *
     * @param  non-empty-list<int>  $matched  numbers of tokens
     * @param  list<Written>  $seen
     */
    private static function joins(array $matched, array $seen): bool
    {
        for ($at = $matched[0] + 1; $at < end($matched); $at++) {
            foreach ($seen[$at]->alone as $alone) {
                if ($alone->class === WordClass::Joins) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Entries that may go on with what comes next, in their order.
     *
     * @param  array<int, Entries>  $entries  by the word that comes next
     * @return Entries
     */
    private static function begun(array $entries, ?Written $next): array
    {
        $begun = $entries[self::ANY] ?? [];
        foreach ($next->words ?? [] as $number => $_) {
            $more = $entries[$number] ?? [];
            if ($begun === []) {
                $begun = $more;
            } elseif ($more !== []) {
                $begun += $more;
                ksort($begun);
            }
        }

        return $begun;
    }

    /**
     * @param  list<array<int, true>|null>  $others  words behind the first, each with its alternatives
     * @param  list<Token>  $tokens
     * @param  list<Written>  $seen
     * @return non-empty-list<int>|null the numbers of the tokens
     */
    private static function matches(array $others, int $from, array $tokens, array $seen): ?array
    {
        [$matched, $at, $gap] = [[$from], $from + 1, 0];
        foreach ($others as $numbers) {
            if ($numbers === null) {
                $gap = self::GAP;

                continue;
            }
            for ($skipped = 0; ; $skipped++, $at++) {
                if (! isset($tokens[$at]) || $skipped > $gap) {
                    return null;
                }
                foreach ($seen[$at]->words as $number => $_) {
                    if (isset($numbers[$number])) {
                        $matched[] = $at++;
                        $gap = 0;

                        continue 3;
                    }
                }
                if ($tokens[$at]->parts()) {
                    return null;
                }
            }
        }

        return $matched;
    }
}
