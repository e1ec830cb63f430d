<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/** It is said how often, or on what occasion: monthly, twice a year, every second Thursday, when a ticket is sold. */
final class RateFrame implements Frame
{
    /** Words between so many of somebody and what they may do. */
    /** Words before "per month" of what comes one at a time. */
    private const ONE_OF = 5;

    private const NEAR = 2;

    public function id(): string
    {
        return 'rate';
    }

    public function meanings(): array
    {
        return [Meaning::RateGiven];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            // "Win a ticket for a year": how long the prize lasts is not how often something comes.
            $elsewhere = SendingFrame::isOfTrade($sentence) || ($sentence->has(W::Draw) && SendingFrame::sent($sentence) === null);
            $hit = $elsewhere ? null : $this->rate($sentence);
            if ($hit !== null) {
                $words = $passage->words($sentence, $hit[0], $hit[1]);
                $senses[] = new Sense(Meaning::RateGiven, $words, "It is said how often: “{$words->words}”.");
            }
        }

        return $senses;
    }

    /** @return array{int, int}|null */
    private function rate(Sentence $s): ?array
    {
        foreach ($s->all(W::Rate) as $hit) {
            if (! $this->isOfEnding($s, $hit) && ! $this->isAfter($s, $hit) && ! $this->isOfDeeds($s, $hit)
                && ! $this->isAtOnce($s, $hit) && ! $this->isOfWriters($s, $hit) && ! $this->isOfSubscribing($s, $hit)) {
                return [$hit->from, $hit->to];
            }
        }
        foreach ($s->all(W::Unit) as $unit) {
            if ($this->isOfEnding($s, $unit) || $this->lasts($s, $unit)) {
                continue;
            }
            // "1 email/month".
            if (($s->tokens[$unit->from - 1]->form ?? '') === '/' && $s->inClause($unit->clause, W::Number, ...W::means())) {
                return [max(0, $unit->from - 2), $unit->to];
            }
            foreach ($s->all(W::Each, W::Per) as $before) {
                if ($before->to <= $unit->from && $unit->from - $before->to < ($before->class === W::Each ? 2 : 1)
                    && ($before->class === W::Each || $this->speaksOfSending($s, $before))) {
                    return [$before->from, $unit->to];
                }
            }
        }
        $months = $this->listed($s);
        if ($months !== null) {
            return $months;
        }
        foreach ($s->all(W::Each) as $each) {
            $next = $s->tokens[$each->to] ?? null;
            // "By every means".
            $means = array_filter($s->within($each->clause, W::Way, ...W::means()), static fn (Hit $h): bool => $h->from === $each->to
                || ($h->from <= $each->from && $h->to > $each->to)) !== [];
            // "All fields are required" says of nothing how often it comes.
            // Nor does "all participants".
            $everybody = array_filter($s->all(W::Everybody), static fn (Hit $h): bool => $h->from <= $each->from && $h->to > $each->to) !== [];
            // "With each order", "every new account".
            $done = array_filter(
                $s->all(W::Wanted, W::Does), static fn (Hit $h): bool => $h->from === $each->to || ($h->from === $each->to + 1 && self::isLittle($s, $each->to))
            ) !== [];
            $counts = ! $means && ! $everybody && ! $done && ! $this->isOfEnding($s, $each) && ! $s->inClause($each->clause, W::Must);
            if ($counts && $next !== null && $next->word && SendingFrame::comes($s)) {
                return [$each->from, $each->to + 1];
            }
        }
        foreach ($s->clauses as $n => $clause) {
            $only = array_filter($s->all(W::Only), static fn (Hit $h): bool => $h->to <= $clause->from + 1 && $clause->from - $h->to <= 1) !== [];
            if ($only && in_array($clause->opener, [W::If, W::When], true) && ! $s->inClause($n, W::Wants, W::Agrees, W::Ticks, W::Does, W::Subscribes, W::I)) {
                return [$clause->from, $clause->to];
            }
            // "Skip me when you send your letter": what they do, and no time.
            $theirs = $s->inClause($n, W::Sends) && array_filter($s->acting(W::You), static fn (Hit $h): bool => $h->clause === $n) !== []
                && $s->has(W::Refuses);
            // "Write to me if a table becomes free": what happens to nobody who reads it.
            $happens = $clause->opener === W::When || ($clause->opener === W::If && $s->has(W::I) && ! $s->inClause($n, W::You, W::I, W::Self));
            if (! $theirs && $happens && ! $s->inClause($n, W::Presses, W::AnyTime, W::NoLonger, W::Wants, W::Agrees, W::Ticks, W::Unticks)
                && ! ($s->inClause($n, W::Ends, W::Withdraws) && $s->inClause($n, W::May, W::Way, W::HardWay))
                && ! ($s->inClause($n, W::You) && $s->inClause($n, W::Does, W::Way, W::Details, W::Subscribes)) && $clause->to - $clause->from > 2
                && (SendingFrame::sent($s) !== null || $s->has(...W::means()))) {
                return [$clause->from, $clause->to];
            }
        }

        return null;
    }

    /**
     * "In March, June and December": times that stand one beside the other.
     *
     * @return array{int, int}|null
     */
    private function listed(Sentence $s): ?array
    {
        $units = $s->all(W::Unit);
        foreach ($units as $n => $unit) {
            $next = $units[$n + 1] ?? null;
            $between = $next === null ? [] : array_slice($s->tokens, $unit->to, $next->from - $unit->to);
            $joins = $next === null ? [] : array_filter($s->all(W::Joins), static fn (Hit $and): bool => $and->from >= $unit->to && $and->to <= $next->from);
            if ($next !== null && count($between) === 1 && ($joins !== [] || $between[0]->form === ',') && ! $this->isOfEnding($s, $unit)) {
                return [$unit->from, $next->to];
            }
        }

        return null;
    }

    /** "Up to five roofers may ring you": so many of those who write, and not how often they do. */
    private function isOfWriters(Sentence $s, Hit $hit): bool
    {
        $ends = static fn (Hit $number): bool => $number->to === $hit->to;
        foreach (array_filter($s->all(W::Number), $ends) === [] ? [] : $s->within($hit->clause, W::May) as $may) {
            $between = static fn (Hit $h): bool => $h->clause === $hit->clause && $h->from >= $hit->to && $h->to <= $may->to;
            if ($may->from > $hit->to && $may->from - $hit->to <= self::NEAR
                && array_filter([...$s->acting(W::I, W::You, W::Self), ...$s->all(W::Unit, ...W::means())], $between) === []) {
                return true;
            }
        }

        return false;
    }

    /** "At once", Swedish "på en gång": how soon, and not how often. */
    private function isAtOnce(Sentence $s, Hit $hit): bool
    {
        return array_filter($s->all(W::Lasting), static fn (Hit $h): bool => $h->from < $hit->from && $h->to === $hit->to) !== [];
    }

    /** "Once you have subscribed", "once you tick the box": when somebody does, and not how often something comes. */
    private function isOfSubscribing(Sentence $s, Hit $hit): bool
    {
        $who = static fn (Hit $h): bool => $h->from === $hit->to;
        if ($hit->to - $hit->from === 1 && array_filter($s->all(W::Number), static fn (Hit $n): bool => $n->from === $hit->from) !== []
            && array_filter($s->within($hit->clause, W::I, W::You), $who) !== []) {
            return true;
        }
        $around = static fn (Hit $must): bool => $must->to > $hit->to && $must->from <= $hit->from;
        $subscribed = static fn (Hit $h): bool => $h->from === $hit->to;

        return array_filter($s->within($hit->clause, W::Must), $around) !== []
            || array_filter($s->within($hit->clause, W::Subscribed, W::Subscribes), $subscribed) !== [];
    }

    /** "For a year": how long something lasts, and not how often it comes. */
    private function lasts(Sentence $s, Hit $unit): bool
    {
        $before = static fn (Hit $h): bool => $h->from < $unit->from && $unit->from - $h->from <= 2;

        return array_filter($s->all(W::Lasting), $before) !== [] && ! $s->has(W::Each);
    }

    /** "In every email", "at any time": a word of time that belongs to how it ends. */
    private function isOfEnding(Sentence $s, Hit $hit): bool
    {
        $endings = array_filter($s->within($hit->clause, W::Ends, W::Withdraws, W::HardWay), static fn (Hit $h): bool => ! SendingFrame::isWithinMore($s, $h));

        return $endings !== [] && ! $s->inClause($hit->clause, W::Sends)
            && ! SendingFrame::isConsentedTo($s, $hit->clause, $hit->from) && ! $this->comesBefore($s, $hit);
    }

    /** "It comes weekly by email and ends with a click": a channel stands behind the word of time, and the ending behind that. */
    private function comesBefore(Sentence $s, Hit $hit): bool
    {
        foreach ($s->within($hit->clause, ...W::means()) as $means) {
            $ending = array_filter($s->within($hit->clause, W::Ends, W::Withdraws), static fn (Hit $h): bool => $h->from < $means->to);
            if ($means->from >= $hit->to && $ending === []) {
                return true;
            }
        }

        return false;
    }

    /** "Win a week by the sea" has a week in it and no rate: something comes in the sentence, or a number stands before ("four a year"). */
    /** "With each order": of something that is done. */
    private function isOfDeeds(Sentence $s, Hit $rate): bool
    {
        $each = array_filter($s->all(W::Each), static fn (Hit $h): bool => $h->to === $rate->to && $h->from >= $rate->from) !== [];

        return $each && array_filter($s->all(W::Wanted, W::Does), static fn (Hit $h): bool => $h->from === $rate->to) !== [];
    }

    /** "Une fois la commande passée": when, and not how often. */
    private function isAfter(Sentence $s, Hit $rate): bool
    {
        return array_filter($s->all(W::When), static fn (Hit $h): bool => $h->from === $rate->from && $h->to > $rate->to) !== [];
    }

    private function speaksOfSending(Sentence $s, Hit $before): bool
    {
        $counted = array_filter($s->all(W::Number), static fn (Hit $n): bool => $n->to <= $before->from && $before->from - $n->to < 2);

        // "Une histoire de laine par mois": one of something, and no price.
        $digits = array_filter($s->tokens, static fn (Token $t): bool => $t->isNumber()) !== [];
        $one = ! $digits && ($s->all(W::Number)[0]->from ?? 1) === 0 && $before->from <= self::ONE_OF && ! $s->has(W::Price, W::FieldAmount);

        return $counted !== [] || $one || SendingFrame::comes($s);
    }

    private static function isLittle(Sentence $s, int $token): bool
    {
        return array_filter($s->all(W::Little), static fn (Hit $h): bool => $h->from === $token) !== [];
    }
}
