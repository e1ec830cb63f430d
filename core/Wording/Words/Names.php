<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * Names of companies, by how they are written: words with capitals side by side that no class knows, or any word before a legal form.
 */
final class Names
{
    /** What companies are called by, among other things. */
    private const CALLED = [WordClass::Little, WordClass::Wanted, WordClass::Does, WordClass::Outsider, WordClass::Carrier, WordClass::Vague];

    /** Little words within names, where nouns have no capitals. */
    private const WITHIN = ['de', 'des', 'du', 'd', 'la', 'le', 'les', 'of', 'the', 'av', 'af', 'på', 'i'];

    /** Words behind a deed, within which the names of those stand who get something. */
    private const BEHIND = 14;

    /** @return list<Stretch> */
    public static function in(Sentence $sentence, Vocabulary $vocabulary): array
    {
        return $sentence->once('names', static fn (): array => self::find($sentence, $vocabulary));
    }

    /** @return list<Stretch> */
    private static function find(Sentence $sentence, Vocabulary $vocabulary): array
    {
        $tokens = $sentence->tokens;
        [$words, $capitals] = [0, 0];
        foreach ($tokens as $token) {
            $words += (int) $token->word;
            $capitals += (int) $token->capital;
        }
        if ($capitals === 0) {
            return [];
        }
        $shouted = $words > 4 && $capitals > 0.9 * $words;
        $ordinary = self::ordinary($sentence, $vocabulary);
        $nouns = $vocabulary->section('nouns') !== [];
        $names = [];
        for ($i = 0, $n = count($tokens); $i < $n; $i++) {
            $to = $i;
            while ($to < $n && $tokens[$to]->capital && ! $shouted && ! self::isLegal($tokens[$to]) && ! isset($ordinary[$to])
                && ! ($to > $i && $tokens[$to]->hyphened)) {
                $to++;
                $to = $nouns ? $to : self::past($tokens, $i, $to, $ordinary);
            }
            $legal = $to < $n && self::isLegal($tokens[$to]) && ($to > $i || ($to > 0 && $tokens[$to - 1]->capital));
            if ($legal) {
                $from = $to > $i ? $i : $to - 1;
                $names[] = new Stretch($from, $to + 1);
            } elseif ($to - $i >= 2 || ($to - $i === 1 && self::isAlone($sentence, $i, $vocabulary))) {
                $names[] = new Stretch($i, $to);
            }
            $i = max($i, $to - ($legal ? 0 : 1));
        }

        return $names;
    }

    /**
     * "Poterie des Aulnes": past the little words within a name, where a capital stands on both sides and it does not begin the sentence.
     *
     * @param  list<Token>  $tokens
     * @param  array<int, true>  $ordinary
     */
    private static function past(array $tokens, int $from, int $to, array $ordinary): int
    {
        $begins = $from === 0 || ! ($tokens[$from - 1] ?? null)?->word;
        for ($next = $to; ! $begins && $next - $to < 2 && in_array($tokens[$next]->form ?? '', self::WITHIN, true);) {
            $next++;
            if (($tokens[$next] ?? null)?->capital === true && ! isset($ordinary[$next])) {
                return $next;
            }
        }

        return $to;
    }

    /**
     * Words that are no part of a name: those that a class knows, but for what companies are called by ("Hotels"), where nouns have no capitals
     * and it is not the capital of a beginning.
     *
     * @return array<int, true>
     */
    private static function ordinary(Sentence $sentence, Vocabulary $vocabulary): array
    {
        $nouns = $vocabulary->section('nouns') !== [];
        $ordinary = [];
        foreach ($sentence->hits as $hit) {
            if ($hit->class->isOfForms()) {
                continue;
            }
            foreach ($hit->tokens as $i) {
                $begins = $i === 0 || ! ($sentence->tokens[$i - 1] ?? null)?->word;
                if ($nouns || $begins || ! in_array($hit->class, self::CALLED, true)) {
                    $ordinary[$i] = true;
                }
            }
        }

        return $ordinary;
    }

    /** The names behind a deed, of those who get something by it; null where none stand there. */
    public static function after(Passage $passage, Sentence $sentence, ?Hit $deed): ?string
    {
        if ($deed === null) {
            return null;
        }
        // Behind the deed; where it stands at the end of its clause, before it and behind who does it.
        // "Partners of Tidewick" are Tidewick's, and not called so.
        $names = array_filter(
            self::in($sentence, $passage->vocabulary), static fn (Stretch $n): bool => ! self::isOwner($sentence, $n)
        );
        // "Gebt meine Adresse an ... weiter": between the two words of one deed.
        $behind = array_filter($names, static fn (Stretch $n): bool => ($n->from >= $deed->to && $n->from - $deed->to <= self::BEHIND)
            || ($n->from > $deed->from && $n->to < $deed->to && self::isTowards($sentence, $n)));
        $clause = $sentence->clauseOf($deed);
        $before = array_values(array_filter($names, static fn (Stretch $n): bool => $n->from >= $clause->from && $n->to <= $deed->from));
        // "With this Tidewick may hand it over" gives Tidewick nothing.
        $to = array_values(array_filter($before, static fn (Stretch $n): bool => self::isTowards($sentence, $n) && ! self::acts($sentence, $n->to)));
        $getting = match (true) {
            $behind !== [] => array_values($behind),
            $to !== [] => $to,
            default => array_slice($before, 1),
        };
        $found = array_map(static fn (Stretch $n): string => $passage->words($sentence, $n->from, $n->to)->words, $getting);

        return $found === [] ? null : implode(', ', $found);
    }

    /** Whether those who get something are its own: "of" stands between them and its name, in the north "till". */
    private static function isOwner(Sentence $sentence, Stretch $name): bool
    {
        $ends = array_map(static fn (Hit $h): int => $h->to, $sentence->all(WordClass::Outsider));
        $owns = static fn (Hit $of): bool => in_array($of->from, $ends, true) && $name->from >= $of->to && $name->from - $of->to <= 1;

        // "Companies of the Tidewick group", "sociétés du groupe Tidewick": what the group is called names none of them.
        $beside = static fn (Hit $group): bool => $group->to === $name->from || $group->from === $name->to;

        return array_filter($sentence->all(WordClass::Group), $beside) !== []
            || array_filter($sentence->all(WordClass::From, WordClass::Towards), $owns) !== [];
    }

    /** Whether something is said to go to it: an article may stand between. */
    private static function isTowards(Sentence $sentence, Stretch $name): bool
    {
        foreach ($sentence->all(WordClass::Towards) as $to) {
            // "I consent to Tidewick" gives it nothing.
            $agreed = array_filter($sentence->all(WordClass::Agrees), static fn (Hit $h): bool => $h->to === $to->from) !== [];
            if (! $agreed && $name->from >= $to->to && $name->from - $to->to <= 1) {
                return true;
            }
        }

        return false;
    }

    /** Whether what follows is what somebody may do: "Letterquay may". */
    private static function acts(Sentence $sentence, int $next): bool
    {
        foreach ($sentence->all(WordClass::May) as $may) {
            if ($may->from === $next) {
                return true;
            }
        }

        return false;
    }

    /** Whether a word by itself is a name: it may do something, or something comes from it. */
    private static function isAlone(Sentence $sentence, int $token, Vocabulary $vocabulary): bool
    {
        return (self::acts($sentence, $token + 1) && ! self::isNoun($sentence, $token, $vocabulary)) || self::comesFrom($sentence, $token, $vocabulary)
            || self::isSubject($sentence, $token, $vocabulary) || self::beginsList($sentence, $token);
    }

    /** "Tidewick, its dealers and its bank": a word before a comma, and behind it whoever is its own. */
    private static function beginsList(Sentence $sentence, int $token): bool
    {
        return $token === 0 && ($sentence->tokens[1] ?? null)?->form === ','
            && array_filter($sentence->all(WordClass::Its, WordClass::Outsider), static fn (Hit $h): bool => $h->from === 2) !== [];
    }

    /**
     * "I agree that Tidewick sends", "I allow Tidewick to": a capital where nouns have none, behind the word that opens a clause and before what is
     * done, or between agreeing and what it is agreed to.
     */
    private static function isSubject(Sentence $sentence, int $token, Vocabulary $vocabulary): bool
    {
        if ($vocabulary->section('nouns') !== []) {
            return false;
        }
        $ends = static fn (WordClass $class): bool => array_filter($sentence->all($class), static fn (Hit $h): bool => $h->to === $token) !== [];
        $begins = static fn (WordClass $class): bool => array_filter($sentence->all($class), static fn (Hit $h): bool => $h->from === $token + 1) !== [];

        return ($ends(WordClass::That) && $begins(WordClass::Sends)) || ($ends(WordClass::Agrees) && $begins(WordClass::Towards));
    }

    /** "Because of the Marathon": where nouns have capitals, one behind an article or the like is no name. */
    private static function isNoun(Sentence $sentence, int $token, Vocabulary $vocabulary): bool
    {
        return $vocabulary->section('nouns') !== []
            && array_filter($sentence->all(WordClass::Little), static fn (Hit $h): bool => $h->to === $token) !== [];
    }

    /** "From Tidewick": a name of one word, where nouns have no capitals. */
    private static function comesFrom(Sentence $sentence, int $name, Vocabulary $vocabulary): bool
    {
        $own = $vocabulary->section('nouns') === [] && ! $vocabulary->knows($sentence->tokens[$name]);
        foreach ($own ? $sentence->all(WordClass::From) : [] as $from) {
            if ($from->to === $name) {
                return true;
            }
        }

        return false;
    }

    private static function isLegal(Token $token): bool
    {
        return $token->capital ? LegalForms::has($token->form) : LegalForms::isNoWord($token->form);
    }
}
