<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * Parts a sentence into clauses: at marks, at words that open a clause, and at "and" where somebody new does something. A "not" reaches
 * over its clause, and on into those that have nobody of their own who does something: "we never share, sell or rent".
 */
final class Clauses
{
    /** What words do for the clauses of their sentence: they open one, or tell who does what in it. All others do nothing. */
    private const DO = [
        WordClass::If->value => 'opens', WordClass::Unless->value => 'opens', WordClass::When->value => 'opens', WordClass::Who->value => 'opens',
        WordClass::That->value => 'opens', WordClass::So->value => 'opens', WordClass::Joins->value => 'joins', WordClass::NoSubject->value => 'is passive',
        // Who does something, or may.
        WordClass::I->value => 'acts', WordClass::You->value => 'acts', WordClass::Self->value => 'acts', WordClass::May->value => 'acts',
        WordClass::Wants->value => 'acts', WordClass::Agrees->value => 'acts',
        // What somebody does who is named in the clause before: "it comes by email and ends with a click".
        WordClass::Passes->value => 'is done', WordClass::Ends->value => 'is done', WordClass::Withdraws->value => 'is done',
        WordClass::Misses->value => 'misses', WordClass::Nor->value => 'is nor', WordClass::Not->value => 'is not',
        WordClass::ByEmail->value => 'is a means', WordClass::BySms->value => 'is a means', WordClass::ByPhone->value => 'is a means',
        WordClass::ByPost->value => 'is a means',
    ];

    /** Classes whose words open nothing within one of them. */
    private const WHOLE = [WordClass::Joins->value => true, WordClass::Agrees->value => true, WordClass::May->value => true];

    /** Words behind an "and" within which somebody must do something for it to begin a clause. */
    private const AHEAD = 3;

    /**
     * @param  non-empty-list<Token>  $tokens
     * @param  list<Hit>  $hits
     * @return non-empty-list<Clause>
     */
    public static function of(array $tokens, array $hits): array
    {
        [$opens, $joins, $does, $nots, $nors, $passive, $deeds, $misses, $means] = [[], [], [], [], [], [], [], [], []];
        $within = 0;
        foreach ($hits as $hit) {
            $do = self::DO[$hit->class->value] ?? null;
            if ($do === null) {
                continue;
            }
            [$from, $several] = [$hit->from, $hit->to > $hit->from + 1];
            // "So that" opens once.
            $opener = $do === 'opens' && $from >= $within;
            // In "damit einverstanden" the first word opens nothing, and in "kan komma att" the last.
            if ($several && ($opener || (isset(self::WHOLE[$hit->class->value]) && count($hit->tokens) === $hit->to - $from))) {
                $within = max($within, $hit->to);
            }
            match ($do) {
                'opens' => $opener ? $opens[$from] ??= $hit->class : null,
                'joins' => $joins[$from] = true,
                'acts' => $does[$from] = true,
                'is done' => $deeds[$from] = true,
                'is passive' => $passive[$from] = true,
                'misses' => $misses[$from] = true,
                'is nor' => $nors[$from] = true,
                'is not' => $nots[$from] = $tokens[$from]->form,
                'is a means' => $means[$from] = $means[$hit->to - 1] = true,
            };
        }
        $does = array_diff_key($does, $passive);
        $begins = $does + $deeds;
        [$starts, $opener] = [[0 => true], []];
        foreach ($tokens as $i => $token) {
            if (! $token->word && $token->parts()) {
                // "By post, text or phone": a list of means is one.
                if ($token->form !== ',' || ! isset($means[$i - 1], $means[$i + 1])) {
                    $starts[$i + 1] = true;
                }
            } elseif (isset($opens[$i])) {
                // An opener that follows a mark or an "and" opens the same clause.
                $starts[isset($joins[$i - 1]) && isset($starts[$i - 1]) ? $i - 1 : $i] = true;
                $opener[$i] = $opens[$i];
            } elseif (isset($joins[$i]) && self::firstIn($begins, $i + 1, self::before($joins, $i + 1, $i + self::AHEAD)) !== null) {
                $starts[$i] = true;
            }
        }
        unset($starts[count($tokens)]);
        ksort($starts);
        $starts = array_keys($starts);
        [$clauses, $carried, $conditional] = [[], false, false];
        foreach ($starts as $n => $from) {
            $to = $starts[$n + 1] ?? count($tokens);
            $opened = self::firstIn($opener, $from, min($from + 1, $to - 1)) ?? (isset($joins[$from]) ? WordClass::Joins : null);
            // "Ni pub ni mails": the same word twice is one no.
            $within = $nots === [] ? [] : array_filter($nots, static fn (int $i): bool => $i >= $from && $i < $to, ARRAY_FILTER_USE_KEY);
            // "Never sold nor shared" is one no, too.
            $not = $within === [] ? 0 : count(array_unique(array_diff_key($within, $nors) ?: $within));
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
