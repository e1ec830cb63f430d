<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Clause;
use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Agreement to be written to that is demanded for something else: "you must", "only if", "without it we cannot". */
final class Demand
{
    /** What is sent, or done with details. */
    private const OF_SENDING = [
        W::I, W::Self, W::Sends, W::Gets, W::Advertising, W::Carrier, W::Vague, W::Uses, W::Details, W::Passes, W::Stores, W::ByEmail, W::BySms,
        W::ByPhone, W::ByPost, W::Agrees, W::Subscribes,
    ];

    /** What somebody wants of the form, does with it, or is answered. */
    public const CAME_FOR = [W::Wanted, W::Does, W::Answers];

    /** @return Hit|null the word that demands it; null where nothing does */
    public static function of(Sentence $s): ?Hit
    {
        // "Guide for readers of the letter only": an entry that says so needs no more than the letter.
        $readers = array_filter($s->said(W::Must), static fn (Hit $must): bool => count($must->tokens) > 2) !== [] && $s->has(W::Carrier, W::Advertising);
        $consent = $readers || SendingFrame::sent($s) !== null || $s->has(W::Subscribes) || ($s->has(W::Agrees) && $s->has(W::Advertising, W::Vague));
        if (! $consent || self::isOfAdvertising($s)) {
            return null;
        }

        return self::must($s, $readers) ?? self::otherwise($s) ?? self::nothingForNothing($s) ?? self::only($s) ?? self::leftEmpty($s) ?? self::without($s)
            ?? Bargain::demanded($s);
    }

    /** "You must accept our letter to book". */
    private static function must(Sentence $s, bool $readers): ?Hit
    {
        $thing = $s->has(W::Wanted, W::Does);
        $agreed = $readers || $s->has(W::Agrees, W::Subscribes, W::Advertising, W::Gets, W::Yes);
        foreach ($agreed ? $s->all(W::Must) : [] as $must) {
            if (! $thing && ! self::leadsTo($s, $must) && ! self::hangs($s, 0)) {
                continue;
            }
            $negated = $must->negated && $must->to - $must->from === 1;
            $otherwise = $negated || SendingFrame::ends($s, $must->clause) || SendingFrame::needs($s, $must) || self::isSentOnlyThen($s, $must);
            if (! $otherwise && ! $s->inClause($must->clause, W::Age, W::Ticks, W::Unticks)) {
                return $must;
            }
        }

        return null;
    }

    /** "You can only come if you subscribe": whatever a clause says hangs on it, unless it is what is sent, or done with details. */
    private static function hangs(Sentence $s, int $clause): bool
    {
        $on = static fn (Hit $h): bool => $h->clause > $clause && in_array($s->clauseOf($h)->opener, [W::If, W::When, W::Who], true);

        return array_filter($s->said(W::Agrees, W::Subscribes), $on) !== [] && ! $s->inClause($clause, ...self::OF_SENDING);
    }

    /** "To go online you have to accept our letter": whatever it leads to, it is nothing that is sent, nor its end. */
    private static function leadsTo(Sentence $s, Hit $must): bool
    {
        $starts = $s->all(W::InOrder)[0] ?? null;
        $before = static fn (Hit $h): bool => $h->to <= $must->from;
        $sent = $s->all(W::Advertising, W::Carrier, W::Sends, W::Gets, W::Ends, W::Withdraws, ...W::means());

        return $starts !== null && $starts->from === 0 && $must->from > $starts->to && array_filter($sent, $before) === []
            && array_filter($s->said(W::Agrees), static fn (Hit $h): bool => $h->from >= $must->to) !== [];
    }

    /** "Please agree, otherwise we cannot book". */
    public static function otherwise(Sentence $s): ?Hit
    {
        $otherwise = $s->all(W::Otherwise)[0] ?? null;
        $denies = $otherwise !== null && $s->inClause($otherwise->clause, W::Unable) && $s->inClause($otherwise->clause, ...self::CAME_FOR);

        return $denies ? $otherwise : null;
    }

    /** "No newsletter, no wifi". */
    private static function nothingForNothing(Sentence $s): ?Hit
    {
        foreach ($s->clauses as $n => $clause) {
            $next = $s->clauses[$n + 1] ?? null;
            if ($next !== null && $clause->negated && $next->negated && $s->inClause($n + 1, W::Not) && ! $s->inClause($n, W::Ticks, W::LeavesEmpty)
                && $s->inClause($n, W::Advertising, W::Agrees, W::Subscribes, W::Yes) && $s->inClause($n + 1, W::Wanted)) {
                return $s->within($n + 1, W::Wanted)[0];
            }
        }

        return null;
    }

    /** "Entries are only valid with consent", "the voucher is only for those who order our mails". */
    private static function only(Sentence $s): ?Hit
    {
        foreach ($s->said(W::Only) as $only) {
            $before = array_filter($s->within($only->clause, W::Wanted), static fn (Hit $h): bool => $h->to <= $only->from);
            $behind = array_filter($s->within($only->clause, W::Agrees, W::Subscribes), static fn (Hit $h): bool => $h->from >= $only->to);
            $later = array_filter($s->said(W::Agrees, W::Subscribes), static fn (Hit $h): bool => $h->clause > $only->clause);
            $between = $before !== [] && $behind !== [] && ! $s->inClause($only->clause, W::I);
            if ($between || ($later !== [] && $s->inClause($only->clause, W::Wanted, W::Does))
                || self::hangs($s, $only->clause) || ($s->inClause($only->clause, W::Advertising) && self::isTickedOnly($s, $only))
                || ($s->inClause($only->clause, W::Wanted) && self::isForOrdering($s, $only))) {
                return $only;
            }
        }

        return null;
    }

    /** "Only enquiries with the newsletter box ticked are answered": what one came for right behind the "only", a tick for a letter behind that. */
    public static function isTickedOnly(Sentence $s, Hit $only): bool
    {
        $wanted = array_filter($s->within($only->clause, W::Wanted), static fn (Hit $h): bool => $h->from === $only->to);
        $ticked = array_filter($s->said(W::Ticks), static fn (Hit $h): bool => $h->clause === $only->clause && $h->from > $only->to);

        return $wanted !== [] && $ticked !== [] && ! $s->inClause($only->clause, W::I);
    }

    /** "Without this tick your request stays unanswered". */
    public static function leftEmpty(Sentence $s): ?Hit
    {
        $denied = $s->inClause(0, W::Unable) && $s->has(W::Wanted, W::Does);
        $first = static fn (Hit $empty): bool => $empty->from === 0;

        return $denied ? array_values(array_filter($s->within(0, W::LeavesEmpty), $first))[0] ?? null : null;
    }

    /** "Without your consent we cannot answer". */
    public static function without(Sentence $s): ?Hit
    {
        $refused = array_filter($s->clauses, static fn (Clause $c): bool => $c->negated) !== [];
        foreach ($s->has(...self::CAME_FOR) ? $s->all(W::Without) : [] as $without) {
            // "You can enter without our letter; it makes no difference".
            $may = static fn (Hit $may): bool => $may->to <= $without->from && ! $may->negated;
            $agreement = ($refused && $s->inClause($without->clause, W::Agrees, W::Subscribes, W::Advertising))
                || ($s->has(W::Unable) && $s->inClause($without->clause, W::Ticks, W::Agrees));
            if ($agreement && array_filter($s->within($without->clause, W::May), $may) === []) {
                return $without;
            }
        }

        return null;
    }

    /** "Without your consent we send no advertising", "we use it for advertising only if you agree": it is advertising that waits for consent. */
    private static function isOfAdvertising(Sentence $s): bool
    {
        $agreed = static function (Hit $what) use ($s): bool {
            $sent = array_filter($s->within($what->clause, W::Sends, W::Uses), static fn (Hit $h): bool => $h->from < $what->from) !== []
                && $s->inClause($what->clause, W::Self);

            return $s->inClause($what->clause, W::Agrees, W::Subscribes, W::Must, W::Yes, W::Gets) && ! $sent;
        };
        $to = array_filter($s->all(W::Agrees), static fn (Hit $h): bool => $s->inClause($h->clause, W::Carrier, ...W::means()));
        $advertising = $s->has(W::Wanted, W::Subscribes) || $to !== [] ? [] : $s->all(W::Advertising);

        return $advertising !== [] && $s->has(W::Agrees) && array_filter($advertising, $agreed) === [];
    }

    /** "We send no advertising unless you ask for it": what waits is advertising itself. */
    private static function isSentOnlyThen(Sentence $s, Hit $must): bool
    {
        foreach ($s->all(W::Advertising) as $what) {
            $clause = $what->clause;
            if ($clause < $must->clause && $s->inClause($clause, W::Self) && $s->inClause($clause, W::Sends) && ! $s->inClause($clause, W::Wanted, W::Does)) {
                return true;
            }
        }

        return false;
    }

    /** "The voucher is only for those who order our mails": the mails are what is ordered, and not the way to order. */
    private static function isForOrdering(Sentence $s, Hit $only): bool
    {
        foreach ($s->clauses as $n => $clause) {
            if ($n <= $only->clause || ! in_array($clause->opener, [W::If, W::When, W::Who], true) || ! $s->inClause($n, W::Does, W::Sale, W::Gets)) {
                continue;
            }
            foreach ($s->within($n, ...W::means()) as $mails) {
                $by = array_filter($s->within($n, W::By, W::Per), static fn (Hit $by): bool => $by->to === $mails->from);
                if ($by === [] && ! $s->inClause($n, W::Not)) {
                    return true;
                }
            }
        }

        return false;
    }
}
