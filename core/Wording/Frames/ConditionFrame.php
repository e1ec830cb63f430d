<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Consent is demanded for something else, or given for it; or it is said to be free. */
final class ConditionFrame implements Frame
{
    public function id(): string
    {
        return 'condition';
    }

    public function meanings(): array
    {
        return [Meaning::Voluntary, Meaning::Condition, Meaning::Exchange];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $words = $passage->sentenceWords($sentence);
            $free = $sentence->all(W::Free)[0] ?? null;
            if ($free !== null) {
                $senses[] = new Sense(Meaning::Voluntary, $passage->hitWords($sentence, $free), 'It is said that this is free.');

                continue;
            }
            $must = $this->demanded($sentence);
            if ($must !== null) {
                $senses[] = new Sense(Meaning::Condition, $words, 'Without agreeing to be written to one does not get what one came for.');

                continue;
            }
            $exchange = $sentence->said(W::Exchange)[0] ?? $this->unlocks($sentence);
            if ($exchange !== null) {
                $senses[] = new Sense(Meaning::Exchange, $words, 'Agreement is given in exchange for something.');
            }
        }

        return $senses;
    }

    /** "By agreeing to our emails you get the guide", "subscribe to our letter and get the guide". */
    private function unlocks(Sentence $s): ?Hit
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

    /** "Entries are only valid with consent": what one came for before the "only", agreement behind it. */
    private function standsBetween(Sentence $s, Hit $only): bool
    {
        $before = array_filter($s->within($only->clause, W::Wanted), static fn (Hit $h): bool => $h->to <= $only->from);
        $behind = array_filter($s->within($only->clause, W::Agrees, W::Subscribes), static fn (Hit $h): bool => $h->from >= $only->to);

        return $before !== [] && $behind !== [];
    }

    /** "Without your consent we send no advertising", "we use it for advertising only if you agree": it is advertising that waits for consent. */
    private function isOfAdvertising(Sentence $s): bool
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
    private function isSentOnlyThen(Sentence $s, Hit $must): bool
    {
        foreach ($s->all(W::Advertising) as $what) {
            $clause = $what->clause;
            if ($clause < $must->clause && $s->inClause($clause, W::Self) && $s->inClause($clause, W::Sends) && ! $s->inClause($clause, W::Wanted, W::Does)) {
                return true;
            }
        }

        return false;
    }

    private function demanded(Sentence $s): ?Hit
    {
        // "Guide for readers of the letter only": an entry that says so needs no more than the letter.
        $readers = array_filter($s->said(W::Must), static fn (Hit $must): bool => count($must->tokens) > 2) !== [] && $s->has(W::Carrier, W::Advertising);
        $consent = $readers || SendingFrame::sent($s) !== null || $s->has(W::Subscribes) || ($s->has(W::Agrees) && $s->has(W::Advertising, W::Vague));
        if (! $consent || $this->isOfAdvertising($s)) {
            return null;
        }
        $thing = $s->has(W::Wanted, W::Does);
        foreach ($s->all(W::Must) as $must) {
            $negated = $must->negated && $must->to - $must->from === 1;
            $otherwise = $negated || SendingFrame::ends($s, $must->clause) || SendingFrame::needs($s, $must) || $this->isSentOnlyThen($s, $must);
            if ($otherwise || $s->inClause($must->clause, W::Age, W::Ticks, W::Unticks)) {
                continue;
            }
            if ($thing && ($readers || $s->has(W::Agrees, W::Subscribes, W::Advertising, W::Gets, W::Yes))) {
                return $must;
            }
        }
        // "Please agree, otherwise we cannot book".
        $otherwise = $s->all(W::Otherwise)[0] ?? null;
        if ($otherwise !== null && $s->inClause($otherwise->clause, W::Unable) && $s->inClause($otherwise->clause, W::Wanted, W::Does)) {
            return $otherwise;
        }
        // "To finish your booking, say yes to our mails".
        $purpose = array_filter($s->all(W::InOrder), static fn (Hit $h): bool => $h->from === 0) !== [] && $s->inClause(0, W::Wanted, W::Does);
        foreach ($purpose && ! $s->has(W::I, W::Ticks, W::If) ? $s->said(W::Agrees) : [] as $agrees) {
            if ($agrees->from > 0 && $s->has(W::Advertising, ...W::means())) {
                return $agrees;
            }
        }
        // "To enter, sign up for our letter"; "to miss no offers, sign up" promises more of the same.
        $for = $purpose && ! $s->has(W::I, W::Ticks, W::If, W::May, W::Wants) && ! $s->inClause(0, W::Advertising, W::Carrier, W::Not, W::Misses, W::Gets);
        foreach ($for ? $s->said(W::Subscribes, W::Adds) : [] as $subscribes) {
            if ($subscribes->clause > 0 && $s->inClause($subscribes->clause, W::Advertising)) {
                return $subscribes;
            }
        }
        // "For the draw please order our letter", without a comma as German says it.
        foreach ($purpose && ! $s->has(W::I, W::Ticks, W::If, W::May, W::Wants, W::Not) ? $s->within(0, W::Wanted, W::Does) : [] as $wanted) {
            $opens = array_filter($s->all(W::InOrder), static fn (Hit $h): bool => $h->from === 0 && $h->to === $wanted->from) !== [];
            $orders = array_filter($s->within(0, W::Subscribes, W::Adds), static fn (Hit $h): bool => $h->from > $wanted->to);
            if ($opens && $orders !== [] && $s->inClause(0, W::Advertising)) {
                return reset($orders);
            }
        }
        $orders = $this->opensTheWay($s);
        if ($orders !== null) {
            return $orders;
        }
        // "No newsletter, no wifi".
        foreach ($s->clauses as $n => $clause) {
            $next = $s->clauses[$n + 1] ?? null;
            if ($next !== null && $clause->negated && $next->negated && $s->inClause($n + 1, W::Not) && ! $s->inClause($n, W::Ticks, W::LeavesEmpty)
                && $s->inClause($n, W::Advertising, W::Agrees, W::Subscribes, W::Yes) && $s->inClause($n + 1, W::Wanted)) {
                return $s->within($n + 1, W::Wanted)[0];
            }
        }
        foreach ($s->said(W::Only) as $only) {
            if (! $s->inClause($only->clause, W::I) && $this->standsBetween($s, $only)) {
                return $only;
            }
            foreach ($s->inClause($only->clause, W::Wanted, W::Does) ? $s->said(W::Agrees, W::Subscribes) : [] as $agrees) {
                if ($agrees->clause > $only->clause) {
                    return $only;
                }
            }
            if ($s->inClause($only->clause, W::Wanted) && $this->isForOrdering($s, $only)) {
                return $only;
            }
        }
        $kept = $this->keptForReaders($s);
        if ($kept !== null) {
            return $kept;
        }
        // "Without this tick your request stays unanswered".
        foreach ($thing ? $s->within(0, W::LeavesEmpty) : [] as $empty) {
            if ($empty->from === 0 && $s->inClause(0, W::Unable)) {
                return $empty;
            }
        }
        foreach ($s->all(W::Without) as $without) {
            // "You can enter without our letter; it makes no difference".
            if (array_filter($s->within($without->clause, W::May), static fn (Hit $may): bool => $may->to <= $without->from && ! $may->negated) !== []) {
                continue;
            }
            $refused = array_filter($s->clauses, static fn ($c): bool => $c->negated) !== [];
            if (($refused && $thing && $s->inClause($without->clause, W::Agrees, W::Subscribes, W::Advertising))
                || ($s->has(W::Unable) && $thing && $s->inClause($without->clause, W::Ticks, W::Agrees))) {
                return $without;
            }
        }

        return null;
    }

    /** "Subscribe to our letter to get the guide": what one came for stands behind it, and nothing more that is sent. */
    private function opensTheWay(Sentence $s): ?Hit
    {
        if ($s->has(W::I, W::Ticks, W::If, W::May, W::Wants, W::Not, W::Misses) || $s->isQuestion()) {
            return null;
        }
        foreach ($s->said(W::Subscribes, W::Adds) as $orders) {
            $letters = array_filter($s->said(W::Advertising), static fn (Hit $h): bool => $h->from >= $orders->from);
            $last = end($letters);
            foreach ($last === false ? [] : $s->said(W::InOrder) as $to) {
                $behind = static fn (Hit $h): bool => $h->from >= $to->to;
                $more = array_filter($s->all(W::Advertising, W::Vague, W::Carrier, W::Rate, ...W::means()), $behind);
                if ($to->from >= $last->to && $more === [] && array_filter($s->said(W::Wanted, W::Download, W::Draw), $behind) !== []) {
                    return $orders;
                }
            }
        }

        return null;
    }

    /** "The guide goes to whoever signs up": what one came for, and that those get it who agree; "only those on our list can win". */
    private function keptForReaders(Sentence $s): ?Hit
    {
        $sent = [W::Advertising, W::Carrier, W::Rate, W::Ticks, ...W::means()];
        foreach ($s->clauses as $n => $clause) {
            $agrees = ! $s->inClause($n, W::Not, W::I, W::Terms, W::Notice, W::Ends, W::Withdraws) && ($s->inClause($n, W::Subscribes, W::Agrees)
                || ($s->inClause($n, W::Self) && $s->inClause($n, W::Sends)));
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
                if ($subscribes && $s->clauses[$n]->opener === W::If) {
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

    /** "The voucher is only for those who order our mails": the mails are what is ordered, and not the way to order. */
    private function isForOrdering(Sentence $s, Hit $only): bool
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
