<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Names;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/** Who others are that a sentence speaks of, and whether they write themselves or are only what it is about. */
final class Others
{
    /** Words between "about" and those whose goods are meant. */
    private const NEAR = 3;

    /** Words for somebody who stands beside a name: "the brewery next door". */
    private const BESIDE = 5;

    /** What may come besides what no class knows. */
    private const COMES = [W::Little, W::Vague, W::Advertising, W::Carrier, W::Price];

    /** What the name of a trade may be known as besides. */
    private const TRADE = [W::Little, W::Wanted];

    /** What is more of the same, and nobody else. */
    private const MORE = ['further', 'weitere', 'weiteren', 'ytterligare', 'flere', 'fler', 'yderligere'];

    private const OTHER = ['other', 'andere', 'anderen', 'anderer', 'autres', 'andra', 'andre'];

    /**
     * Others who may get details. "Email me about other jobs" is no other: what comes to the person, and is only more of its kind.
     *
     * @return list<Hit>
     */
    public static function outsiders(Sentence $s): array
    {
        return $s->once('outsiders', static fn (): array => $s->has(W::Outsider) ? self::find($s) : self::ofATrade($s));
    }

    /** "Other teas", "further teas": more of what somebody knows already. */
    public static function isOther(Sentence $s, int $at): bool
    {
        $form = ($s->tokens[$at] ?? null)?->form;

        return in_array($form, self::OTHER, true) || in_array($form, self::MORE, true);
    }

    /** Whether a clause speaks of others, by whatever name. */
    public static function standIn(Sentence $s, int $clause): bool
    {
        return $s->inClause($clause, W::Outsider) || array_filter(self::outsiders($s), static fn (Hit $h): bool => $h->clause === $clause) !== [];
    }

    /**
     * "Other tailors may write to me", whatever their trade is called; "other fabrics you may show me" are no people.
     *
     * @return list<Hit>
     */
    private static function ofATrade(Sentence $s): array
    {
        foreach ($s->has(W::Sends, W::Gets) ? $s->said(W::May) : [] as $may) {
            $next = $s->tokens[$may->to] ?? null;
            $somebody = array_filter($s->within($may->clause, W::You, W::Self, W::I), static fn (Hit $h): bool => $h->from === $may->to);
            for ($at = $may->from - 1; $next !== null && $somebody === [] && $at >= $s->clauseOf($may)->from && $may->from - $at <= self::NEAR; $at--) {
                $known = static fn (Hit $h): bool => $h->from > $at && $h->from < $may->from && ! in_array($h->class, self::TRADE, true);
                if ($may->from - $at > 1 && array_filter($s->hits, $known) === [] && in_array($s->tokens[$at]->form, self::OTHER, true)) {
                    return [new Hit(W::Outsider, $at, $may->from, range($at, $may->from - 1), clause: $may->clause)];
                }
            }
        }

        return [];
    }

    /** @return list<Hit> */
    private static function find(Sentence $s): array
    {
        $known = array_merge([], ...array_map(
            static fn (Hit $h): array => $h->class->isOfForms() || in_array($h->class, self::COMES, true) ? [] : $h->tokens, $s->hits
        ));
        $comes = static fn (int $at): bool => array_filter(
            $s->all(W::I, W::You, W::Sends, W::Gets, ...W::means()), static fn (Hit $h): bool => $h->to === $at || $h->to === $at - 1
        ) !== [];
        // "Advertising for other courses": they are what it is about; "offers from other tailors" come from somebody.
        $whose = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Whose));
        $about = static fn (int $at): bool => ! $s->has(W::Passes) && (
            array_filter($s->all(W::From), static fn (Hit $h): bool => ! in_array($h->from, $whose, true) && ($h->to === $at || $h->to === $at - 1)) !== []
            || array_filter($s->all(W::Advertising), static fn (Hit $h): bool => $h->to === $at - 1) !== []
        );
        // "From Avocet Hotels": a part of what somebody is called.
        $isName = static fn (int $at): bool => ($s->tokens[$at] ?? null)?->capital === true && ! in_array($at, $known, true);
        // French says first what a house is: "par Assurances Avocette".
        $named = static fn (Hit $o): bool => count($o->tokens) === 1 && $s->tokens[$o->from]->capital && $o->from > 1
            && ($isName($o->from - 1) || ($s->tokens[$o->from - 1]->form === 'par' && $isName($o->to)));

        $carriers = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Carrier));
        $others = array_filter($s->said(W::Outsider), static fn (Hit $o): bool => ! in_array($o->from, $carriers, true) || ! SendingFrame::isTopic($s, $o));

        // "From the hotel": whose form it is.
        $ours = static fn (Hit $o): bool => array_filter(
            $s->all(W::House), static fn (Hit $our): bool => $our->from <= $o->from && $our->to >= $o->to
        ) !== [];
        // "You get hotel offers": what they are about.
        $kind = static fn (Hit $o): bool => count($o->tokens) === 1
            && array_filter($s->all(W::Advertising), static fn (Hit $h): bool => $h->from === $o->to) !== []
            && array_filter($s->all(W::Gets), static fn (Hit $h): bool => $h->to === $o->from) !== [];
        $others = array_filter($others, static fn (Hit $o): bool => ! $named($o) && ! $ours($o) && ! $kind($o));

        $others = array_filter($others, static fn (Hit $o): bool => ! self::areLikeBefore($s, $o));

        return array_values(array_filter($others, static fn (Hit $o): bool => ! in_array($s->tokens[$o->to - 1]->form, self::OTHER, true)
            || ($s->tokens[$o->to] ?? null)?->word !== true || in_array($o->to, $known, true) || ! ($comes($o->from) || $about($o->from))));
    }

    /** "About this campaign and others": more of what stands before the "and", which is nobody's name. */
    private static function areLikeBefore(Sentence $s, Hit $others): bool
    {
        if (! in_array($s->tokens[$others->to - 1]->form, self::OTHER, true) || ($s->tokens[$others->to] ?? null)?->word === true
            || $s->inClause($others->clause, W::May, W::Passes)) {
            return false;
        }
        $and = array_filter($s->within($others->clause, W::Joins), static fn (Hit $h): bool => $h->to === $others->from);
        $before = $others->from - 2;
        $about = array_filter($s->within($others->clause, W::From), static fn (Hit $h): bool => $h->to <= $before);
        $somebody = array_filter($s->within($others->clause, W::Outsider, W::You, W::Self, W::I), static fn (Hit $h): bool => $h->to === $others->from - 1);

        return $and !== [] && $about !== [] && $somebody === [] && $before > 0 && ! $s->tokens[$before]->capital;
    }

    /** "Up to three roofers may phone you": so many of whom nobody is named, to what they do; null where nobody does. */
    public static function severalWrite(Sentence $s): ?Hit
    {
        foreach ($s->said(W::Number) as $number) {
            if ($s->inClause($number->clause, W::Self)) {
                continue;
            }
            foreach ($s->within($number->clause, W::May) as $may) {
                $writes = array_filter($s->within($number->clause, W::Sends), static fn (Hit $h): bool => $h->from >= $may->to);
                $between = $may->from - $number->to;
                // "Once a year the line may email me" counts times.
                $times = array_filter($s->within($number->clause, W::Unit, W::Per), static fn (Hit $h): bool => $h->from < $may->from);
                if ($times === [] && $between > 0 && $between <= self::NEAR && $writes !== [] && $s->inClause($number->clause, W::You, W::I)) {
                    return new Hit($number->class, $number->from, reset($writes)->to, [$number->from], clause: $number->clause);
                }
            }
        }

        return null;
    }

    /** "You may tell your neighbours, so that they can write to me": whoever they are, to what they do. */
    public static function theyWrite(Sentence $s): ?Hit
    {
        foreach ($s->has(W::Service, W::Answers) ? [] : $s->all(W::They) as $they) {
            $clause = $s->clauseOf($they);
            // German writes "you" with a capital.
            $so = in_array($clause->opener, [W::So, W::InOrder, W::That], true) && $they->from - $clause->from <= self::NEAR;
            if (! $so || $s->tokens[$they->from]->capital) {
                continue;
            }
            $behind = static fn (Hit $h): bool => $h->from >= $they->to;
            $writes = array_values(array_filter($s->within($they->clause, W::Sends), $behind))[0] ?? null;
            $to = array_filter($s->within($they->clause, W::I), $behind);
            if ($writes !== null && $to !== [] && ! $s->inClause($they->clause, W::Self) && $s->has(W::Passes, W::Tells, W::Details, W::May)) {
                return new Hit($they->class, $they->from, $writes->to, [$they->from], clause: $they->clause);
            }
        }

        return null;
    }

    /** "Stoat Sauna and the brewery next door may email me": beside a name somebody without one, who is no part of it; to what they do. */
    public static function besideName(Sentence $s): ?Hit
    {
        foreach ($s->tokens[0]->capital ? $s->said(W::May) : [] as $may) {
            $writes = array_values(array_filter($s->said(W::Sends), static fn (Hit $h): bool => $h->from >= $may->to))[0] ?? null;
            $to = array_filter($s->all(W::I, W::You), static fn (Hit $h): bool => $h->from >= $may->to);
            if ($writes === null || $to === []) {
                continue;
            }
            foreach ($s->all(W::Joins) as $and) {
                $far = $may->from - $and->to;
                if ($and->from < 1 || $far < 2 || $far > self::BESIDE || ! $s->tokens[$and->from - 1]->capital || $s->tokens[$and->to]->capital) {
                    continue;
                }
                // "And our shops", "and its team": parts of it.
                $between = static fn (Hit $h): bool => $h->from >= $and->to && $h->from < $may->from;
                $part = array_filter($s->all(W::Self, W::Its), $between) !== [] && array_filter($s->all(W::Outsider), $between) === [];
                if (! $part && array_filter($s->all(W::I, W::You, W::Unit, W::Number), $between) === []) {
                    return new Hit($may->class, $and->to, $writes->to, [$may->from], clause: $may->clause);
                }
            }
        }

        return null;
    }

    /** "And let Reedwool Ltd write to me as well": what somebody else is let do to the person. */
    public static function letWrite(Sentence $s, Hit $lets): ?Hit
    {
        $behind = static fn (Hit $h): bool => $h->from >= $lets->to;
        $apart = static fn (Hit $h): bool => $behind($h) && $h->from - $lets->to > 1;
        $writes = array_values(array_filter($s->within($lets->clause, W::Sends), $apart))[0] ?? null;

        return $writes !== null && array_filter($s->within($lets->clause, W::I), $behind) !== [] ? $writes : null;
    }

    /** "Offers from our partners", "about our partners' hotels": it is their goods that are meant, and the mails are ours. */
    public static function isOnlyTheirs(Sentence $s, Hit $outsider, ?Hit $pass): bool
    {
        if ($pass !== null) {
            return false;
        }
        foreach ($s->all(W::From) as $from) {
            // "That third parties write to me": French has an article of its own for some of them.
            $begins = $from->from - $s->clauses[$from->clause]->from <= (int) ($s->clauses[$from->clause]->opener === W::That);
            $leads = $from->clause === $outsider->clause && $from->to <= $outsider->from && $outsider->from - $from->to < self::NEAR;
            $used = array_filter($s->within($from->clause, W::Uses, W::Profiles), static fn (Hit $u): bool => $u->from >= $outsider->to) !== []
                && $s->inClause($from->clause, W::Details);
            // "Contacted by partners": French has the article for some of them there, too.
            $by = array_filter($s->within($from->clause, W::By), static fn (Hit $h): bool => $h->to === $from->from) !== [];
            // "Contacted by Tidewick and by partners": Swedish and Danish have one word for that and for "from".
            $by = $by || self::isByToo($s, $from);
            if (! $begins && $leads && ! $used && ! $by && ! self::isSubject($s, $from, $outsider) && self::comesFrom($s, $from) === null) {
                return true;
            }
        }

        return false;
    }

    /** Whether somebody is written to by others, and by these as well: "kontaktad av Tidewick och av partner". */
    private static function isByToo(Sentence $s, Hit $from): bool
    {
        $joined = array_filter($s->within($from->clause, W::Joins), static fn (Hit $and): bool => $and->to === $from->from) !== [];
        $sends = array_map(static fn (Hit $h): int => $h->to, $s->within($from->clause, W::Sends));

        return $joined && array_filter($s->within($from->clause, W::From), static fn (Hit $h): bool => $h->from < $from->from
            && $s->tokens[$h->from]->form === $s->tokens[$from->from]->form && in_array($h->from, $sends, true)) !== [];
    }

    /** "Calls from our partners": they call, whatever the calls are about. "Offers by email from our partners" may come from us. */
    public static function comesFrom(Sentence $s, Hit $from): ?Hit
    {
        // "Emails about houses" come from nobody.
        if (array_filter($s->within($from->clause, W::Whose), static fn (Hit $h): bool => $h->from === $from->from) === []) {
            return null;
        }
        $at = static fn (W ...$classes): array => array_map(static fn (Hit $h): int => $h->from, $s->within($from->clause, ...$classes));
        $none = [...$at(W::Advertising), ...array_map(static fn (Hit $h): int => $h->to, $s->within($from->clause, W::By, W::Per))];
        // "By phone" says how, and "calls" what comes.
        $written = array_diff($at(W::ByEmail, W::BySms), $none);
        $called = array_intersect($at(W::ByPhone), $at(W::Sends));

        $comes = array_filter($s->hits, static fn (Hit $h): bool => $h->to === $from->from && in_array($h->from, [...$written, ...$called], true));

        return array_values($comes)[0] ?? null;
    }

    /** "Offers from our partners, who send them": in the clause behind them nobody else sends. */
    public static function sendThemselves(Sentence $s, Hit $outsider): ?Hit
    {
        $next = $outsider->clause + 1;
        if (($s->clauses[$next] ?? null)?->opener !== W::Who || $s->inClause($next, W::Self, W::I, W::Not)) {
            return null;
        }

        return $s->within($next, W::Sends)[0] ?? null;
    }

    /** "From us and our partners", French "from us and from our partners": they send as well as whoever asks, and are not what it is about. */
    public static function areBeside(Sentence $s, Hit $outsider): bool
    {
        $whose = array_map(static fn (Hit $h): int => $h->from, $s->within($outsider->clause, W::Whose));
        $from = array_filter($s->within($outsider->clause, W::From), static fn (Hit $h): bool => in_array($h->from, $whose, true));
        foreach ($s->within($outsider->clause, W::Joins) as $and) {
            $first = array_filter($from, static fn (Hit $h): bool => $h->to < $and->from && $and->from - $h->to <= self::NEAR);
            if ($first !== [] && $and->to <= $outsider->from && $outsider->from - $and->to < self::NEAR) {
                return true;
            }
        }

        return false;
    }

    /** "That we and partners of ours write to me": they stand behind an "and" and before the verb, whatever small word leads to them. */
    private static function isSubject(Sentence $s, Hit $from, Hit $outsider): bool
    {
        $joined = array_filter($s->within($from->clause, W::Joins), static fn (Hit $and): bool => $and->to === $from->from);
        $verbs = $s->within($from->clause, W::Sends, W::Gets, W::Advertising, W::Vague);
        $before = array_filter($verbs, static fn (Hit $verb): bool => $verb->from < $from->from);
        $behind = array_filter($verbs, static fn (Hit $verb): bool => $verb->from >= $outsider->to && $verb->class === W::Sends);

        return $joined !== [] && $before === [] && $behind !== [] && $s->clauseOf($from)->opener === W::That;
    }

    /** "Offers from selected partners", "third-party offers": words for a box without anybody who does something, so that others may. */
    public static function isOfferedBy(Sentence $s, Hit $outsider): bool
    {
        if ($s->has(W::I, W::You, W::May, W::Not) || $s->acting(W::Self) !== []) {
            return false;
        }
        $whose = array_filter(
            $s->within($outsider->clause, W::Whose), static fn (Hit $h): bool => $h->to <= $outsider->from && $outsider->from - $h->to < self::NEAR
        );
        foreach ($s->within($outsider->clause, W::Advertising) as $offers) {
            $between = $offers->to <= $outsider->from ? $outsider->from - $offers->to : $offers->from - $outsider->to;
            if ($between >= 0 && ($between <= 1 || ($whose !== [] && $offers->to <= $outsider->from))) {
                return true;
            }
        }

        return false;
    }

    /**
     * "Otter Ltd, its dealers and its bank may write to me": what those in a list may do, behind the last of them; null where they are in none.
     */
    public static function mayInList(Sentence $s, Hit $outsider): ?Hit
    {
        $may = array_values(array_filter($s->said(W::May), static fn (Hit $h): bool => $h->from >= $outsider->to))[0] ?? null;
        if ($may === null) {
            return null;
        }
        $before = static fn (Hit $h): bool => $h->to <= $may->from;
        $known = array_merge([], ...array_map(static fn (Hit $h): array => $h->tokens, $s->all(W::Outsider)));
        $does = array_filter(
            $s->all(W::Sends, W::Gets, W::Passes, W::Wants, W::Agrees, W::If, W::When, W::That, W::Who),
            static fn (Hit $h): bool => $before($h) && array_diff($h->tokens, $known) !== []
        );
        $and = array_filter($s->all(W::Joins), static fn (Hit $h): bool => $before($h) && $h->from > 0 && $may->from - $h->to <= self::BESIDE);
        $commas = array_filter(array_slice($s->tokens, 0, $may->from), static fn (Token $t): bool => $t->form === ',');

        return $does === [] && $and !== [] && $commas !== [] ? $may : null;
    }

    /** "News from us and selected partners": they stand behind an "and", and before that whoever asks. */
    public static function isJoined(Sentence $s, Hit $outsider, Passage $passage): bool
    {
        $asks = array_map(static fn (Hit $h): int => $h->to, $s->all(W::Self, W::You));
        foreach (Names::in($s, $passage->vocabulary) as $name) {
            $asks[] = $name->to;
        }
        foreach ($s->all(W::Joins) as $and) {
            $near = $and->to <= $outsider->from && $outsider->from - $and->to < self::NEAR;
            if ($near && array_intersect([$and->from, $and->from - 1], $asks) !== []) {
                return true;
            }
        }

        return (self::beginsWithName($s, $outsider, $passage) && self::mayInList($s, $outsider) !== null) || self::firstBeside($s, $outsider) !== null;
    }

    private static function beginsWithName(Sentence $s, Hit $outsider, Passage $passage): bool
    {
        $name = Names::in($s, $passage->vocabulary)[0] ?? null;

        return $name !== null && $name->to <= $outsider->from;
    }

    /**
     * "That Tidewick and others write to me": the word with a capital by which a clause begins, before an "and" and others.
     *
     * @return int|null its token
     */
    public static function firstBeside(Sentence $s, Hit $outsider): ?int
    {
        $clause = $s->clauseOf($outsider);
        // "Tidewick and partners may write to me": a sentence may begin with it, too.
        $begins = $s->inClause($outsider->clause, W::May)
            && ($outsider->clause === 0 || ($outsider->clause === 1 && $clause->opener === W::Joins && $s->clauses[0]->opener === null));
        foreach ($clause->opener === W::That || $begins ? $s->within($outsider->clause, W::Joins) : [] as $and) {
            $first = $and->from - 1;
            $near = $and->to <= $outsider->from && $outsider->from - $and->to < self::NEAR;
            $behind = $first - ($begins ? 0 : $clause->from);
            if ($near && $behind >= (int) ! $begins && $behind < self::NEAR && $s->tokens[$first]->capital) {
                return $first;
            }
        }

        return null;
    }
}
