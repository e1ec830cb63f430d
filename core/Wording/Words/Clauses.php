<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * Parts a sentence into clauses: at marks, at words that open a clause, and at "and" where somebody new does something. A "not" reaches
 * over its clause, and on into those that have nobody of their own who does something: "we never share, sell or rent".
 */
final class Clauses
{
    private const OPENERS = [WordClass::If, WordClass::Unless, WordClass::When, WordClass::Who, WordClass::That, WordClass::So];

    /** Classes whose words open nothing within one of them. */
    private const WHOLE = [WordClass::Joins, WordClass::Agrees, WordClass::May];

    /** Words behind an "and" within which somebody must do something for it to begin a clause. */
    private const AHEAD = 3;

    /** Who does something, or may. */
    private const DOES = [WordClass::I, WordClass::You, WordClass::Self, WordClass::May, WordClass::Wants, WordClass::Agrees];

    /** What somebody does who is named in the clause before: "it comes by email and ends with a click". */
    private const DEEDS = [WordClass::Passes, WordClass::Ends, WordClass::Withdraws];

    /**
     * @param  non-empty-list<Token>  $tokens
     * @param  list<Hit>  $hits
     * @return non-empty-list<Clause>
     */
    public static function of(array $tokens, array $hits): array
    {
        [$opens, $joins, $does, $nots, $nors, $passive, $deeds, $misses] = [[], [], [], [], [], [], [], []];
        $within = 0;
        foreach ($hits as $hit) {
            // "So that" opens once.
            $couldOpen = in_array($hit->class, self::OPENERS, true);
            $opener = $couldOpen && $hit->from >= $within;
            // In "damit einverstanden" the first word opens nothing, and in "kan komma att" the last.
            $whole = in_array($hit->class, self::WHOLE, true) && count($hit->tokens) === $hit->to - $hit->from;
            $within = $whole && $hit->to > $hit->from + 1 ? max($within, $hit->to) : $within;
            $within = $opener ? max($within, $hit->to > $hit->from + 1 ? $hit->to : 0) : $within;
            match (true) {
                $opener => $opens[$hit->from] ??= $hit->class,
                $couldOpen => null,
                $hit->class === WordClass::Joins => $joins[$hit->from] = true,
                in_array($hit->class, self::DEEDS, true) => $deeds[$hit->from] = true,
                $hit->class === WordClass::NoSubject => $passive[$hit->from] = true,
                in_array($hit->class, self::DOES, true) => $does[$hit->from] = true,
                $hit->class === WordClass::Misses => $misses[$hit->from] = true,
                $hit->class === WordClass::Nor => $nors[$hit->from] = true,
                $hit->class === WordClass::Not => $nots[$hit->from] = $tokens[$hit->from]->form,
                default => null,
            };
        }
        $does = array_diff_key($does, $passive);
        $begins = $does + $deeds;
        [$starts, $opener] = [[0 => true], []];
        foreach ($tokens as $i => $token) {
            if ($token->parts()) {
                $starts[$i + 1] = true;
            } elseif (isset($opens[$i])) {
                // An opener that follows a mark or an "and" opens the same clause.
                $starts[isset($joins[$i - 1]) && isset($starts[$i - 1]) ? $i - 1 : $i] = true;
                $opener[$i] = $opens[$i];
            } elseif (isset($joins[$i]) && self::firstIn($begins, $i + 1, self::before($joins, $i + 1, $i + self::AHEAD)) !== null) {
                $starts[$i] = true;
            }
        }
        $starts = array_values(array_filter(array_keys($starts), static fn (int $i): bool => $i < count($tokens)));
        sort($starts);
        [$clauses, $carried, $conditional] = [[], false, false];
        foreach ($starts as $n => $from) {
            $to = $starts[$n + 1] ?? count($tokens);
            $opened = self::firstIn($opener, $from, min($from + 1, $to - 1)) ?? (isset($joins[$from]) ? WordClass::Joins : null);
            // "Ni pub ni mails": the same word twice is one no.
            $within = $nots === [] ? [] : array_filter($nots, static fn (int $i): bool => $i >= $from && $i < $to, ARRAY_FILTER_USE_KEY);
            // "Never sold nor shared" is one no, too.
            $not = count(array_unique(array_diff_key($within, $nors) ?: $within));
            $reached = $carried && $not === 0 && ($opened === null || $opened === WordClass::Joins) && self::goesOn($tokens[$from - 1] ?? null)
                && self::firstIn($does, $from, $to - 1) === null;
            $negated = $not % 2 === 1 || $reached;
            $clauses[] = new Clause($from, $to, $opened, $negated);
            // What hangs on a condition is not denied with it: "if you want none, tick".
            $conditional = $conditional || in_array($opened, [WordClass::If, WordClass::Unless, WordClass::When], true);
            $main = $opened === null || $opened === WordClass::Joins || ($opened === WordClass::That && ! $conditional);
            $carried = $negated && $main && self::firstIn($misses, $from, $to - 1) === null;
        }

        return $clauses === [] ? [new Clause(0, count($tokens), null, false)] : $clauses;
    }

    /**
     * The last place up to which nothing joins.
     *
     * @param  array<int, true>  $joins
     */
    private static function before(array $joins, int $from, int $to): int
    {
        for ($i = $from; $i <= $to; $i++) {
            if (isset($joins[$i])) {
                return $i - 1;
            }
        }

        return $to;
    }

    /**
     * @template T
     *
     * @param  array<int, T>  $by
     * @return T|null
     */
    private static function firstIn(array $by, int $from, int $to): mixed
    {
        for ($i = $from; $i <= $to; $i++) {
            if (isset($by[$i])) {
                return $by[$i];
            }
        }

        return null;
    }

    /** Whether a clause behind this mark may go on with what stands before it. */
    private static function goesOn(?Token $before): bool
    {
        return $before === null || $before->word || in_array($before->form, [',', '('], true);
    }
}
