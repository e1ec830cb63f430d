<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/** It is said how consent ends, that it is hard to end, or that it never does. A right to give goods back is none of these. */
final class EndingFrame implements Frame
{
    /** Of one of these every sentence has a word in which it finds anything. */
    public const NEEDS = [W::Ends, W::Withdraws, W::NoLonger, W::Until, W::NeverEnds, W::Objects];

    /** Tokens of a sentence that may say no more than "Unsubscribe: link". */
    private const TERSE = 6;

    /** Words between a link and "in each issue". */
    private const TO_EACH = 3;

    /** What leads from a link to something. */
    private const TO = ['to', 'zu', 'zum', 'zur', 'vers', 'à', 'au', 'till', 'til'];

    /** What is changed goes on. */
    private const CHANGES = '~^(?:chang|änder|verändr|modif|ändr|ændr|adapt|anpass)~u';

    public function id(): string
    {
        return 'ending';
    }

    public function meanings(): array
    {
        return [Meaning::NeverEnds, Meaning::CanEnd, Meaning::HardToEnd, Meaning::CanObject];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $never = $this->never($sentence);
            if ($never !== null) {
                $senses[] = new Sense(Meaning::NeverEnds, $passage->hitWords($sentence, $never), 'It is said that this cannot be withdrawn.');
            }
            $hit = $this->ending($sentence);
            if ($hit !== null) {
                $hard = $this->hard($sentence, $hit);
                $senses[] = $hard === null ? new Sense(Meaning::CanEnd, $this->words($passage, $sentence, $hit), 'It is said how it ends.')
                    : new Sense(Meaning::HardToEnd, $this->words($passage, $sentence, $hard), 'Ending it takes more than agreeing did.');
            }
            $object = $sentence->all(W::Objects)[0] ?? null;
            if ($object !== null && (! $object->negated || $sentence->inClause($object->clause, W::May, W::AnyTime))) {
                $senses[] = new Sense(Meaning::CanObject, $passage->sentenceWords($sentence), 'It is said that one can object.');
            }
        }

        return $senses;
    }

    private function words(Passage $passage, Sentence $s, Hit $hit): \Juramen\Wording\Found
    {
        return $passage->clauseWords($s, $hit->clause);
    }

    private function never(Sentence $s): ?Hit
    {
        foreach ($s->all(W::NeverEnds) as $hit) {
            if (! $hit->negated && ($hit->to - $hit->from > 1 || $s->inClause($hit->clause, W::Agrees, W::Withdraws))) {
                return $hit;
            }
        }

        // "No cancellation", "it is not taken back": what ends consent is denied.
        foreach ($s->all(W::Withdraws, ...($s->has(W::Agrees) ? [W::Ends] : [])) as $hit) {
            // "No spam, leaving takes a click": the no is of what stands before it.
            $elsewhere = ! $s->inClause($hit->clause, W::Not) && $s->inClause($hit->clause, W::Way);
            $bound = ! $elsewhere && ! in_array($s->clauseOf($hit)->opener, [W::If, W::Unless, W::When, W::Who], true)
                && ! $s->inClause($hit->clause, W::Must, W::HardWay, W::Without, W::AnyTime, W::NoLonger, W::Free);
            if ($hit->negated && $bound) {
                return $hit;
            }
        }

        return null;
    }

    /** The first word of ending that says how: with a possibility, a moment, a way, or by whom. */
    private function ending(Sentence $s): ?Hit
    {
        $until = $s->all(W::Until)[0] ?? null;
        // "Until I": a clause of its own may begin within it.
        $within = static fn (W ...$classes): bool => $until !== null
            && ($s->inClause($until->clause, ...$classes) || (($s->clauses[$until->clause + 1]->from ?? PHP_INT_MAX) <= $until->to
            && $s->inClause($until->clause + 1, ...$classes)));
        if ($until !== null && ! SendingFrame::isOfTrade($s) && $within(W::I, W::You)
            && ($s->has(W::AnyTime) || $within(W::Ends, W::Withdraws, W::Tells, W::NoLonger))) {
            return $until;
        }
        $unwanted = $this->unwanted($s);
        if ($unwanted !== null) {
            return $unwanted;
        }
        $whenever = $this->whenever($s) ?? $this->linkInEach($s);
        if ($whenever !== null) {
            return $whenever;
        }
        foreach ($s->all(W::Withdraws, W::Ends) as $hit) {
            $else = SendingFrame::isWithinMore($s, $hit) || $this->isOfBooking($s, $hit) || ($s->has(W::Returns) && ! $s->has(W::AnyTime, W::Agrees));
            if (! $else && ($this->hasWay($s, $hit) || $this->isAsked($s, $hit) || $this->isPlain($s, $hit) || $this->isTwice($s, $hit))) {
                return $hit;
            }
        }

        return null;
    }

    /** "News every Monday, and I can cut the rope at any time": whatever somebody does at any time to what comes, but for changing it. */
    private function whenever(Sentence $s): ?Hit
    {
        foreach ($s->all(W::AnyTime) as $any) {
            $n = $any->clause > 0 && $s->clauseOf($any)->opener === W::When ? $any->clause - 1 : $any->clause;
            $mine = array_filter($s->acting(W::I), static fn (Hit $h): bool => $h->clause === $n) !== [];
            $comes = $n > 0 && $s->has(W::Rate, W::Unit, ...W::means());
            $other = $s->inClause($n, W::Sends, W::Gets, W::Contact, W::Does, W::Wanted, W::Advertising, W::Details, ...W::means());
            $clause = $s->clauses[$n];
            $words = array_map(static fn (Token $t): string => $t->form, array_slice($s->tokens, $clause->from, $clause->to - $clause->from));
            if ($mine && $comes && ! $other && preg_grep(self::CHANGES, $words) === []) {
                return $any;
            }
        }

        return null;
    }

    /** "Untie yourself with the link in each of them": a link that stands in all that comes leads out, unless it leads to something. */
    private function linkInEach(Sentence $s): ?Hit
    {
        foreach ($s->all(W::Way) as $way) {
            $words = array_map(static fn (int $i): string => $s->tokens[$i]->form, $way->tokens);
            $each = array_filter($s->within($way->clause, W::AnyTime), static fn (Hit $h): bool => count($h->tokens) > 2
                && max($h->from - $way->to, $way->from - $h->to) <= self::TO_EACH) !== [];
            $behind = array_map(static fn (Token $t): string => $t->form, array_slice($s->tokens, $way->to));
            $leads = array_intersect($behind, self::TO) !== [];
            if ($each && ! $leads && preg_grep('~^(?:link|lien|länk)~u', $words) !== [] && ! $s->has(W::Advertising, W::Gets, W::Sends, W::Contact)) {
                return $way;
            }
        }

        return null;
    }

    /** "Cancel free of charge until two days before": what was booked. */
    private function isOfBooking(Sentence $s, Hit $ending): bool
    {
        $within = static fn (Hit $trade): bool => $trade->from <= $ending->from && $ending->to <= $trade->to;

        return ! $s->has(W::Agrees, W::AnyTime) && array_filter($s->all(W::Trades), $within) !== [];
    }

    /** A moment or a way stands beside it, or somebody may: in its clause or the next to it, and behind an "or sooner". */
    private function hasWay(Sentence $s, Hit $ending): bool
    {
        $alone = $ending->class === W::Withdraws || $ending->from === $s->clauseOf($ending)->from;
        $behind = ($s->clauses[$ending->clause + 1] ?? null)?->opener === W::Joins ? [$ending->clause + 2] : [];
        foreach ([$ending->clause, $ending->clause + 1, $ending->clause - 1, ...$behind] as $n) {
            if ($s->inClause($n, W::AnyTime, W::Way, W::NoLonger, W::HardWay, W::Tells)
                || ($s->inClause($n, W::May, W::Must) && ($alone || $s->inClause($n, W::I, W::You)))) {
                return true;
            }
        }

        return false;
    }

    /** "It ends as soon as you write to us"; "write to us, and we stop". */
    private function isAsked(Sentence $s, Hit $ending): bool
    {
        $next = $ending->clause + 1;
        $before = $ending->clause - 1;
        $stops = array_filter($s->acting(W::Self), static fn (Hit $h): bool => $h->clause === $ending->clause) !== [];
        if ($stops && ! $ending->negated && $s->inClause($before, W::Sends) && $s->inClause($before, W::Self)) {
            return true;
        }

        return in_array(($s->clauses[$next] ?? null)?->opener, [W::If, W::When], true) && $s->inClause($next, W::I, W::You)
            && $s->inClause($next, W::Sends, W::Tells, W::Way);
    }

    /** Words that mean nothing else: "unsubscribe in the mail", "I am out", and "Unsubscribe: link". */
    private function isPlain(Sentence $s, Hit $ending): bool
    {
        $strong = $ending->class === W::Withdraws;

        return ($strong && ! $ending->negated && $s->inClause($ending->clause, W::I, W::You, ...W::means()))
            || ($strong && count($s->tokens) <= self::TERSE)
            || ($ending->to - $ending->from > 1 && $s->inClause($ending->clause, W::I, W::You, W::May) && ! $this->isNo($s, $ending));
    }

    /** "I say no to mails": a no that is said now ends nothing later. */
    private function isNo(Sentence $s, Hit $ending): bool
    {
        return ! $s->inClause($ending->clause, W::May)
            && array_filter($s->within($ending->clause, W::Refuses), static fn (Hit $no): bool => $no->from === $ending->from) !== [];
    }

    /** "Send END, and it is over." */
    private function isTwice(Sentence $s, Hit $ending): bool
    {
        return array_filter($s->said(W::Ends), static fn (Hit $h): bool => $h->clause === $ending->clause + 1 && ! $ending->negated) !== [];
    }

    /** "If I do not want them any more, I just say so": what is wanted no longer, and then what is enough. */
    private function unwanted(Sentence $s): ?Hit
    {
        foreach ($s->all(W::NoLonger) as $hit) {
            $first = $hit->from === $s->clauseOf($hit)->from;
            // "You can think better of it any day."
            if ($s->inClause($hit->clause, W::May) && $s->inClause($hit->clause, W::AnyTime)) {
                return $hit;
            }
            // "If you want no more of them, come to the shop with your passport."
            if (array_filter($s->all(W::HardWay), static fn (Hit $hard): bool => $hard->from >= $hit->to) !== []) {
                return $hit;
            }
            foreach (array_keys($s->clauses) as $n) {
                if ($s->inClause($n, W::Tells) || (($n !== $hit->clause || $first) && $s->inClause($n, W::Way))) {
                    return $hit;
                }
            }
        }

        return null;
    }

    private function hard(Sentence $s, Hit $ending): ?Hit
    {
        foreach ($s->all(W::HardWay) as $hit) {
            if ($hit->negated || $s->inClause($hit->clause, W::Without) || $this->isWithout($s, $hit) || $this->isOneOfSeveral($s, $hit)) {
                continue;
            }

            return $hit;
        }
        if ($this->isAtTimesOnly($s, $ending)) {
            return $ending;
        }
        foreach ($s->has(W::ByEmail) ? [] : $s->said(W::Only) as $only) {
            if ($s->inClause($only->clause, W::ByPost) && $s->inClause($only->clause, W::Ends, W::Withdraws)) {
                return $only;
            }
        }

        return null;
    }

    /** "Cancelling is possible once a year": what is said of how often or when belongs to the ending, and nothing is sent there. */
    private function isAtTimesOnly(Sentence $s, Hit $ending): bool
    {
        if ($s->has(W::AnyTime, W::Way, W::Tells, W::Sends, W::Gets, W::Agrees, W::Advertising, W::Carrier, W::NoLonger, W::Until, ...W::means())) {
            return false;
        }
        foreach ($s->all(W::Rate) as $rate) {
            if ($rate->from >= $ending->to && $rate->clause - $ending->clause <= 1) {
                return true;
            }
        }

        return false;
    }

    /** "Without giving reasons": the way is easy by what it goes without. */
    private function isWithout(Sentence $s, Hit $hard): bool
    {
        foreach ($s->all(W::Way) as $way) {
            if ($way->to - $way->from > 1 && $way->from <= $hard->from && $way->to >= $hard->to) {
                return true;
            }
        }

        return false;
    }

    /** "By email or registered letter": the easy way stands beside it. */
    private function isOneOfSeveral(Sentence $s, Hit $hard): bool
    {
        foreach ($s->has(W::Must) ? [] : $s->all(W::Way, W::ByEmail, W::BySms, W::ByPhone) as $easy) {
            foreach ($s->all(W::Joins) as $or) {
                $before = $easy->clause === $hard->clause && $easy->from < $or->from && $or->to <= $hard->from && $hard->from - $or->from <= 3;
                $behind = $or->from >= $hard->to && $or->from - $hard->to <= 3 && $easy->from >= $or->to && $easy->from - $hard->to <= 4;
                if ($before || $behind) {
                    return true;
                }
            }
        }

        return false;
    }
}
