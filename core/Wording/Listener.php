<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\Words\Clues;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Vocabulary;
use Juramen\Wording\Words\WordClass;

/** Reads texts in the language that they are in, or in each that we know where that cannot be told. */
final readonly class Listener
{
    /** Bytes of a text that are read at once. */
    private const LONG = 30_000;

    /** @param  non-empty-list<Language>  $languages */
    private function __construct(public array $languages) {}

    public static function in(?Language $language): self
    {
        /** @var array<string, self> $all */
        static $all = [];

        return $all[$language->value ?? ''] ??= new self($language !== null ? [$language] : Language::cases());
    }

    /** The first words of any of the classes. */
    public function find(string $text, WordClass ...$classes): ?Found
    {
        foreach ($this->languages as $language) {
            foreach ($this->pieces($text) as $from => $piece) {
                $found = Passage::of($piece, $language)->find(...$classes);
                if ($found !== null) {
                    return $found->further($from);
                }
            }
        }

        return null;
    }

    public function speaksOf(string $text, WordClass ...$classes): bool
    {
        foreach ($this->languages as $language) {
            foreach ($this->pieces($text) as $piece) {
                if (Passage::of($piece, $language)->speaksOf(...$classes)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The same of a text that most probably has none of them, and of which nothing else is asked: it is not read where that can be seen. */
    public function speaksOfRarely(string $text, WordClass ...$classes): bool
    {
        $plain = Clues::plain($text);
        foreach ($this->languages as $language) {
            if (Vocabulary::of($language)->cluesTo(...$classes)->areIn($plain) && self::in($language)->speaksOf($text, ...$classes)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether one sentence has a word of each of several kinds, and none of others.
     *
     * @param  non-empty-list<list<WordClass>>  $each  classes of which it has any, of each
     * @param  list<WordClass>  $none
     */
    public function speaksTogether(string $text, array $each, array $none): bool
    {
        foreach ($this->languages as $language) {
            foreach ($this->pieces($text) as $piece) {
                foreach (Passage::of($piece, $language)->sentences as $sentence) {
                    $lacks = array_filter($each, static fn (array $classes): bool => ! $sentence->has(...$classes));
                    if ($lacks === [] && ! $sentence->has(...$none)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * Of a whole page the first sense of a meaning: only those of its lines are read in which words stand that it needs.
     *
     * @param  Meaning  $meaning  that is found in a sentence by itself
     * @param  non-empty-list<WordClass>  $needs  of one of which a sentence with that meaning has a word
     */
    public function firstOnPage(string $text, Meaning $meaning, array $needs): ?Sense
    {
        $plain = Clues::plain($text);
        foreach ($this->languages as $language) {
            $clues = Vocabulary::of($language)->cluesTo(...$needs);
            $at = 0;
            foreach ($clues->areIn($plain) ? explode("\n", $text) : [] as $line) {
                $sense = $clues->areIn(Clues::plain($line)) ? self::in($language)->first($line, $meaning) : null;
                if ($sense !== null) {
                    return $sense->further($at);
                }
                $at += mb_strlen($line) + 1;
            }
        }

        return null;
    }

    /** @return list<Sense> in the first language in which the text has any of the meanings */
    public function all(string $text, Meaning ...$meanings): array
    {
        foreach ($this->languages as $language) {
            foreach ($this->pieces($text) as $from => $piece) {
                $senses = Understanding::of($piece, $language)->all(...$meanings);
                if ($senses !== []) {
                    return $from === 0 ? $senses : array_map(static fn (Sense $s): Sense => $s->further($from), $senses);
                }
            }
        }

        return [];
    }

    /** @return array<int, string> by the character at which they begin: a text, and of a very long one stretches of lines, so that few are held at once */
    private function pieces(string $text): array
    {
        if (strlen($text) <= self::LONG) {
            return [$text];
        }
        [$pieces, $at, $piece] = [[], 0, ''];
        foreach (preg_split('~(?<=\n)~', $text) ?: [] as $line) {
            if ($piece !== '' && strlen($piece) + strlen($line) > self::LONG) {
                $pieces[$at] = $piece;
                [$at, $piece] = [$at + mb_strlen($piece), ''];
            }
            $piece .= $line;
        }

        return $pieces + [$at => $piece];
    }

    public function first(string $text, Meaning ...$meanings): ?Sense
    {
        return $this->all($text, ...$meanings)[0] ?? null;
    }

    public function hears(string $text, Meaning ...$meanings): bool
    {
        foreach ($this->languages as $language) {
            foreach ($this->pieces($text) as $piece) {
                if (Understanding::of($piece, $language)->has(...$meanings)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a text has a meaning in every language that is listened in: what is a word in one may be none in another. */
    public function inEach(string $text, Meaning $meaning): ?Sense
    {
        $sense = null;
        foreach ($this->languages as $language) {
            $sense = Understanding::of($this->pieces($text)[0], $language)->first($meaning);
            if ($sense === null) {
                return null;
            }
        }

        return $sense;
    }

    /** The text without the words of these classes. */
    public function without(string $text, WordClass ...$classes): string
    {
        foreach ($this->languages as $language) {
            $text = Passage::of($text, $language)->without(...$classes);
        }

        return $text;
    }
}
