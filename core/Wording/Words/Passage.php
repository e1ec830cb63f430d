<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use IntlBreakIterator;
use Juramen\Register\Language;
use Juramen\Wording\Found;
use LogicException;

/**
 * A text, read once in one language: folded, split into sentences, clauses and words by ICU's rules (UAX 29), each word with the classes
 * that it belongs to. Frames are judged on it, and words are found in it.
 */
final readonly class Passage
{
    /** Bytes of texts that are kept: a statement is judged by many requirements, a house's pages repeat their words. Takes 30 MB at most. */
    private const KEPT = 300_000;

    /** Bytes of a text that is kept. */
    private const LONGEST_KEPT = 40_000;

    /** Characters without a full stop, behind which a sentence ends at the next mark or space. */
    private const LONGEST = 1_200;

    /** Bytes within which a lead to a sentence ends. */
    private const LEAD = 40;

    /** Marks that stand before a sentence and belong to none of its words: a footnote's star, a dash, a bracket, a quote. */
    private const MARKS = '~^[\s*†‡–—•·›»«“”„"(\[-]+(?=[\p{L}\p{N}])~u';

    /** What only leads to a sentence, and is none of it: "Please note: ...". */
    private const LEADS = '~^(?:(?:please )?note(?: that)?|good to know|important|n\.?b\.?|p\.?s\.?|by the way|fyi|info|hint|tip'
        .'|(?:wichtiger )?hinweis|wichtig|achtung|bitte beachten(?: sie)?|gut zu wissen|übrigens|remarque|attention|bon à savoir|à savoir|à noter|nota'
        .'|obs|observera|notera|viktigt|bra att veta|tips|bemærk|vigtigt|godt at vide) ?[:!] ~iu';

    /** @param  list<Sentence>  $sentences */
    private function __construct(public Folded $folded, public Vocabulary $vocabulary, public array $sentences) {}

    public static function of(string $text, Language $language): self
    {
        /** @var Kept<self>|null $kept */
        static $kept = null;
        $kept ??= new Kept(self::class, self::KEPT, self::LONGEST_KEPT);

        return $kept->find($language->value, $text) ?? $kept->keep($language->value, $text, self::read($text, Vocabulary::of($language)));
    }

    public static function read(string $text, Vocabulary $vocabulary): self
    {
        $folded = Folded::of($text);
        [$sentences, $from] = [[], 0];
        /** @var IntlBreakIterator|null $breaks made once, since ICU reads its rules for each */
        static $breaks = null;
        $breaks ??= IntlBreakIterator::createSentenceInstance('en') ?? throw new LogicException('ICU has no rules for sentences.');
        $breaks->setText($folded->text);
        for ($to = $breaks->next(); $to !== IntlBreakIterator::DONE; $to = $breaks->next()) {
            foreach (self::pieces(substr($folded->text, $from, $to - $from)) as $at => $piece) {
                $sentence = $vocabulary->sentence($piece);
                if ($sentence !== null) {
                    $sentences[] = $sentence->at($from + $at);
                }
            }
            $from = $to;
        }

        return new self($folded, $vocabulary, $sentences);
    }

    /** @return array<int, string> by where they begin: a sentence without what leads to it, and of one without an end pieces of a bearable length */
    private static function pieces(string $sentence): array
    {
        $pieces = [];
        $at = preg_match(self::MARKS, $sentence, $marks) === 1 ? strlen($marks[0]) : 0;
        $at += preg_match(self::LEADS, mb_strcut($sentence, $at, self::LEAD), $leads) === 1 ? strlen($leads[0]) : 0;
        for (; strlen($sentence) - $at > self::LONGEST; $at += $space + 1) {
            $space = strpos($sentence, ' ', $at + self::LONGEST);
            if ($space === false) {
                break;
            }
            $space -= $at;
            $pieces[$at] = substr($sentence, $at, $space);
        }

        return $pieces + [$at => rtrim(substr($sentence, $at))];
    }

    /** The original words from one token of a sentence to behind another. */
    public function words(Sentence $sentence, int $from, int $to): Found
    {
        return $this->folded->found($sentence->from + $sentence->tokens[$from]->from, $sentence->from + $sentence->tokens[max($from, $to - 1)]->to);
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
        foreach ($this->sentences as $sentence) {
            if ($sentence->has(...$classes)) {
                return true;
            }
        }

        return false;
    }

    /** The text without the words of these classes: a space for each of their characters. */
    public function without(WordClass ...$classes): string
    {
        $text = $this->folded->original;
        foreach ($this->sentences as $sentence) {
            foreach ($sentence->all(...$classes) as $hit) {
                $found = $this->hitWords($sentence, $hit);
                $text = mb_substr($text, 0, $found->from).str_repeat(' ', $found->to - $found->from).mb_substr($text, $found->to);
            }
        }

        return $text;
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
}
