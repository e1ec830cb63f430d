<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Words\Folded;
use Juramen\Wording\Words\Kept;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\Vocabulary;
use Juramen\Wording\Words\WrittenWords;

/** Tells the language of a text by the words that a language cannot do without: articles, prepositions, persons. */
final readonly class LanguageGuess
{
    /** Bytes of texts whose language is kept: a form's words are asked about by several. */
    private const KEPT = 100_000;

    private const LONGEST_KEPT = 40_000;

    /** Words that must speak for a language, and how many times as many as for the next. */
    private const FEWEST = 3;

    /** Characters of words run together, which nobody can read. */
    private const RUN = 60;

    private const MARGIN = 1.4;

    /** Words below which nothing can be said. */
    private const LEAST = 6;

    /** Words that must speak for another language than the one that somebody says it is: "Name" and "E-mail" are written in several. */
    private const PLAIN = 6;

    /** Tenths of a text's words that are known in the language that it is said to be in, where nobody need look for another. */
    private const WELL = 6;

    /** What a neighbour of ours cannot do without, and none of ours writes: Dutch, Norwegian. */
    private const NEIGHBOURS = ['ik', 'mij', 'het', 'een', 'niet', 'voor', 'wij', 'onze', 'zijn', 'wordt', 'bij', 'meg', 'deg', 'seg', 'ikkje', 'noe'];

    private function __construct(private ?Language $language, private int $words) {}

    /** Whether enough of a text's words are known in a language to judge what they do: three in ten. */
    public static function reads(string $text, Language $language): bool
    {
        $words = self::words($text);

        return (count($words) < self::LEAST && mb_strlen($text) < self::RUN) || self::known($words, $language) * 10 >= 3 * count($words);
    }

    /** @return list<string> in small letters */
    private static function words(string $text): array
    {
        preg_match_all("~[\p{L}\p{N}]+~u", mb_strtolower(Folded::plain($text)), $m);

        return $m[0];
    }

    /** @param  list<string>  $words */
    private static function known(array $words, Language $language): int
    {
        $vocabulary = Vocabulary::of($language);

        return count(array_filter($words, static fn (string $w): bool => $vocabulary->knows(new Token($w, 0, 0, true, false))));
    }

    /** The language that a text is most likely in; null where it is too short, undecided, or none of ours. */
    public static function of(string $text): ?Language
    {
        return self::kept($text)->language;
    }

    /** The language of a text that is said to be in one; only what plainly is another is taken for that. */
    public static function ofSaid(string $text, ?Language $said): ?Language
    {
        $guess = self::kept($text);
        if ($said === null || ($guess->language !== null && $guess->words >= self::PLAIN)) {
            return $guess->language;
        }

        return self::inOtherWords($text, $said) ?? $said;
    }

    /**
     * The language in which a text's words are known far better than in the one that it is said to be in; null where that is none.
     * "Registrierte Nutzer erhalten Werbe-E-Mails": without one of the words that a language cannot do without.
     */
    private static function inOtherWords(string $text, Language $said): ?Language
    {
        $words = self::words($text);
        $known = self::known($words, $said);
        if ($known * 10 >= self::WELL * count($words) || array_intersect($words, self::NEIGHBOURS) !== []) {
            return null;
        }
        $best = null;
        $most = max(intdiv(3 * $known, 2), $known + self::FEWEST - 1);
        foreach (Language::cases() as $language) {
            $in = $language === $said ? 0 : self::known($words, $language);
            if ($in > $most && 2 * $in >= count($words)) {
                [$best, $most] = [$language, $in];
            }
        }

        return $best;
    }

    private static function kept(string $text): self
    {
        /** @var Kept<self>|null $kept */
        static $kept = null;
        $kept ??= new Kept(self::class, self::KEPT, self::LONGEST_KEPT);

        return $kept->find('', $text) ?? $kept->keep('', $text, self::guess($text));
    }

    private static function guess(string $text): self
    {
        preg_match_all("~\p{L}+~u", mb_strtolower(Folded::plain($text)), $m);
        $counts = array_fill_keys(array_map(static fn (Language $l): string => $l->value, Language::cases()), 0);
        $written = self::written();
        foreach ($m[0] as $word) {
            foreach ($written[$word] ?? [] as $language) {
                $counts[$language]++;
            }
        }
        arsort($counts);
        [$best, $second] = array_slice(array_values($counts), 0, 2);

        $isPlain = $best >= self::FEWEST && $best >= self::MARGIN * $second && $best * 5 >= count($m[0])
            && $best > 2 * count(array_intersect($m[0], self::NEIGHBOURS));

        return new self($isPlain ? Language::from((string) array_key_first($counts)) : null, $best);
    }

    /** @return array<string, list<string>> by word the languages that write it so */
    private static function written(): array
    {
        /** @var array<string, list<string>> $written */
        static $written = [];
        foreach ($written === [] ? Language::cases() : [] as $language) {
            foreach (WrittenWords::of($language) as $word) {
                $written[$word][] = $language->value;
            }
        }

        return $written;
    }
}
