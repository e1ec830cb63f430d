<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Agreement to be written to that is the way to something else: "sign up for our letter to get the guide". */
final class Bargain
{
    /** Words between "by" and subscribing. */
    private const NEAR = 2;

    /** @return Hit|null what stands between somebody and what they came for; null where nothing does */
    public static function demanded(Sentence $s): ?Hit
    {
        return self::finishes($s) ?? self::opensTheWay($s) ?? self::takesPart($s) ?? self::keptForReaders($s);
    }

    /** "By agreeing to our emails you get the guide", "subscribe to our letter and get the guide": what is given for it. */
    public static function offered(Sentence $s): ?Hit
    {
        $asked = $s->has(W::I, W::Ticks, W::Wants, W::Not) || ! $s->has(W::Advertising) ? [] : $s->said(W::Subscribes, W::Adds);
        foreach ($asked as $subscribes) {
            $and = array_values(array_filter($s->said(W::Joins), static fn (Hit $h): bool => $h->from > $subscribes->to))[0] ?? null;
            $behind = static fn (Hit $h): bool => $and !== null && $h->from >= $and->to;
            $more = array_filter($s->all(W::Advertising, W::Vague, W::Carrier, W::Rate, ...W::means()), $behind);
            $won = array_filter($s->said(W::Draw), $behind) !== [];
            if ($subscribes->from === $s->clauseOf($subscribes)->from && $more === []
                && ($won || (array_filter($s->said(W::Gets), $behind) !== [] && array_filter($s->said(W::Wanted, W::Download), $behind) !== []))) {
                return $subscribes;
            }
        }
        foreach ($s->said(W::By) as $by) {
            $follows = static fn (Hit $h): bool => $h->from >= $by->to && $h->from - $by->to <= 1;
            $agrees = array_filter($s->within($by->clause, W::Agrees, W::Subscribes), $follows);
            $offers = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Advertising));
            $gets = array_filter($s->said(W::Wanted), static fn (Hit $h): bool => $h->from > $by->to && ! in_array($h->from, $offers, true));
            if ($agrees !== [] && $gets !== [] && $s->has(W::Advertising, ...W::means()) && $s->has(W::You, W::I) && ! $s->has(W::Terms)) {
                return $by;
            }
        }

        return null;
    }

    /** "To finish your booking, say yes to our mails", "to enter, sign up for our letter", "for the draw please order our letter". */
    private static function finishes(Sentence $s): ?Hit
    {
        $starts = array_values(array_filter($s->all(W::InOrder), static fn (Hit $h): bool => $h->from === 0))[0] ?? null;
        if ($starts === null || ! $s->inClause(0, W::Wanted, W::Does) || $s->has(W::I, W::Ticks, W::If)) {
            return null;
        }
        $agrees = array_filter($s->said(W::Agrees), static fn (Hit $h): bool => $h->from > 0);
        if ($agrees !== [] && $s->has(W::Advertising, ...W::means())) {
            return reset($agrees);
        }
        if ($s->has(W::May, W::Wants)) {
            return null;
        }
        // "To miss no offers, sign up" promises more of the same.
        $more = $s->inClause(0, W::Advertising, W::Carrier, W::Not, W::Misses, W::Gets);
        foreach ($more ? [] : $s->said(W::Subscribes, W::Adds) as $subscribes) {
            if ($subscribes->clause > 0 && $s->inClause($subscribes->clause, W::Advertising)) {
                return $subscribes;
            }
        }
        // German says it without a comma.
        foreach ($s->has(W::Not) || ! $s->inClause(0, W::Advertising) ? [] : $s->within(0, W::Wanted, W::Does) as $wanted) {
            $orders = array_filter($s->within(0, W::Subscribes, W::Adds), static fn (Hit $h): bool => $h->from > $wanted->to);
            if ($starts->to === $wanted->from && $orders !== []) {
                return reset($orders);
            }
        }

        return null;
    }

    /** "You take part by subscribing to our letter": what one came for stands before it. */
    private static function takesPart(Sentence $s): ?Hit
    {
        foreach ($s->has(W::I, W::Ticks, W::If) ? [] : $s->said(W::By) as $by) {
            $behind = static fn (Hit $h): bool => $h->from >= $by->to;
            $before = static fn (Hit $h): bool => $h->to <= $by->from;
            $near = static fn (Hit $h): bool => $behind($h) && $h->from - $by->to <= self::NEAR;
            $subscribes = array_values(array_filter($s->said(W::Subscribes), $near))[0] ?? null;
            $letter = array_filter($s->said(W::Advertising, W::Carrier), $behind) !== [];
            // "You accept that we may write to you by email about subscriptions" gives leave, and no ticket.
            $leave = array_filter($s->all(W::May), $before) !== [];
            if ($subscribes !== null && $letter && ! $leave && array_filter($s->said(W::Wanted, W::Does), $before) !== []
                && array_filter($s->all(W::You, W::Everybody), $before) !== [] && array_filter($s->said(W::Wanted, W::Does), $behind) === []) {
                return $subscribes;
            }
        }

        return null;
    }

    /** "Subscribe to our letter to get the guide": what one came for stands behind it, and nothing more that is sent. */
    private static function opensTheWay(Sentence $s): ?Hit
    {
        if ($s->has(W::I, W::Ticks, W::If, W::May, W::Wants, W::Not, W::Misses) || $s->isQuestion()) {
            return null;
        }
        foreach ($s->said(W::Subscribes, W::Adds) as $orders) {
            $letters = array_filter($s->said(W::Advertising), static fn (Hit $h): bool => $h->from >= $orders->from);
            $ends = $letters === [] ? null : end($letters)->to;
            foreach ($ends === null ? [] : $s->said(W::InOrder) as $to) {
                $behind = static fn (Hit $h): bool => $h->from >= $to->to;
                $more = array_filter($s->all(W::Advertising, W::Vague, W::Carrier, W::Rate, ...W::means()), $behind);
                if ($to->from >= $ends && $more === [] && array_filter($s->said(W::Wanted, W::Download, W::Draw), $behind) !== []) {
                    return $orders;
                }
            }
        }

        return null;
    }

    /** "The guide goes to whoever signs up": what one came for, and that those get it who agree; "only those on our list can win". */
    private static function keptForReaders(Sentence $s): ?Hit
    {
        $sent = [W::Advertising, W::Carrier, W::Rate, W::Ticks, ...W::means()];
        // "All accounts are signed up by default": nothing is kept for anybody.
        foreach ($s->has(W::Automatic) ? [] : $s->clauses as $n => $clause) {
            $agrees = ! $s->inClause($n, W::Not, W::I, W::Terms, W::Notice, W::Ends, W::Withdraws) && ($s->inClause($n, W::Subscribes, W::Agrees)
                || (array_filter($s->acting(W::Self), static fn (Hit $h): bool => $h->clause === $n) !== [] && $s->inClause($n, W::Sends)));
            // "Counts as consent": what looks like "who" is part of what it means.
            $means = array_filter($s->all(W::Signifies), static fn (Hit $h): bool => $h->from < $clause->from && $h->to > $clause->from) !== [];
            $hangs = ($clause->opener === W::Who && ! $means) || (in_array($clause->opener, [W::If, W::When], true) && $s->inClause($n, W::You));
            foreach ($agrees && $hangs ? $s->said(W::Wanted, W::Does) : [] as $wanted) {
                $other = static fn (Hit $h): bool => $h->from !== $wanted->from;
                if (abs($wanted->clause - $n) === 1 && array_filter($s->within($wanted->clause, W::I, W::Not, ...$sent), $other) === []) {
                    return $wanted;
                }
            }
        }
        // "The plan you get for nothing if you sign up for our letter", whatever the plan is called.
        foreach ($s->said(W::Gets) as $gets) {
            $thing = $s->inClause($gets->clause, W::You) && ! $s->inClause($gets->clause, W::Not, W::Only, W::Advertising, W::Carrier, ...W::means());
            foreach ($thing ? [$gets->clause - 1, $gets->clause + 1] : [] as $n) {
                $subscribes = $s->inClause($n, W::You) && $s->inClause($n, W::Subscribes) && $s->inClause($n, W::Advertising);
                if ($subscribes && in_array($s->clauses[$n]->opener, [W::If, W::When], true)) {
                    return $gets;
                }
            }
        }
        foreach ($s->said(W::Only) as $only) {
            $clause = $s->clauseOf($only);
            $behind = array_filter($s->all(W::May, W::Gets), static fn (Hit $h): bool => $h->from > $only->to);
            $readers = array_filter($s->all(W::Subscribes, W::Subscribed, W::Adds, W::Agrees), static fn (Hit $h): bool => $h->from >= $only->to);
            $wanted = array_filter($s->all(W::Wanted, W::Does), static fn (Hit $h): bool => $h->from > $only->to);
            if ($only->from === $clause->from && $behind !== [] && $readers !== [] && $wanted !== [] && ! $s->has(W::I)) {
                return $only;
            }
        }

        return null;
    }
}
