<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/**
 * Consent hangs on another act: who books, continues, or sends a form is said to agree; or it is assumed, or taken from silence. Asking
 * for the very thing (subscribing), and ticking, are clear acts.
 */
final class ActFrame implements Frame
{
    /** What an act is taken for, or how: a sentence without any takes none for anything. */
    private const TAKEN = [
        W::Assumes, W::Agrees, W::Adds, W::Advertising, W::Sends, W::Gets, W::Subscribes, W::Signifies, W::Automatic, W::Yes,
    ];

    /** Words between "by" and the act. */
    private const NEAR = 7;

    /** Words between "is regarded as" and what it is regarded as. */
    private const BESIDE = 3;

    public function id(): string
    {
        return 'act';
    }

    public function meanings(): array
    {
        return [Meaning::Assumed, Meaning::TakenFromAct, Meaning::TakenFromSigningUp];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $n => $sentence) {
            if (! $sentence->has(...self::TAKEN)) {
                continue;
            }
            $assumed = Assumption::of($sentence);
            if ($assumed !== null) {
                $senses[] = new Sense(Meaning::Assumed, $passage->sentenceWords($sentence), 'Consent is assumed, or taken from silence.');

                continue;
            }
            if (AnyAct::agreesToPapersAlone($sentence)) {
                continue;
            }
            [$before, $next] = [$passage->sentences[$n - 1] ?? null, $passage->sentences[$n + 1] ?? null];
            $act = $this->act($sentence) ?? $this->asked($sentence, $before) ?? ToldToAll::of($sentence, $next);
            if ($act !== null) {
                $words = $passage->hitWords($sentence, $act);
                $senses[] = new Sense(Meaning::TakenFromAct, $passage->sentenceWords($sentence), "“{$words->words}” is taken as agreement to be written to.");

                continue;
            }
            $signing = AnyAct::bySigningUp($sentence);
            if ($signing !== null) {
                $words = $passage->hitWords($sentence, $signing);
                $senses[] = new Sense(
                    Meaning::TakenFromSigningUp, $passage->sentenceWords($sentence), "“{$words->words}” is taken as agreement to be written to as well."
                );
            }
        }

        return $senses;
    }

    private function act(Sentence $s): ?Hit
    {
        $bargain = $s->says(W::Exchange) && $s->has(W::I);
        if ($s->isQuestion() || AnswerFrame::isAll($s) || $s->says(W::Must) || $s->has(W::Free) || $this->ticks($s) || $bargain) {
            return null;
        }
        // "A mail with which you confirm your address" is about that.
        if ($s->has(W::Confirms) && $s->has(W::Details) && ! $s->has(W::Advertising, W::Vague, W::Subscribes, W::Terms, W::Adds, W::Outsider, W::Uses)) {
            return null;
        }
        foreach ($s->said(W::Does) as $act) {
            if (SendingFrame::ends($s, $act->clause) || $this->isWish($s, $act) || $this->asksForIt($s, $act)) {
                continue;
            }
            $result = ActResult::of($s, $act);
            if ($result === null) {
                continue;
            }
            if ($this->isBy($s, $act) || $this->signifies($s, $act) || $this->opens($s, $act, $result)) {
                return $act;
            }
        }
        // "Taking a boarding card is regarded as permission": whatever it is, it is no wish of theirs.
        $regarded = $s->has(W::Signifies) && ! $s->has(W::I, W::Ticks, W::Subscribes) && (SendingFrame::sent($s) !== null || $s->has(...W::means()));
        foreach ($regarded ? $s->said(W::Signifies) : [] as $means) {
            $agrees = static fn (Hit $h): bool => $h->from >= $means->to && $h->from - $means->to <= self::BESIDE;
            if ($means->to - $means->from > 1 && array_filter($s->said(W::Agrees), $agrees) !== []) {
                return $means;
            }
        }
        $includes = Inclusion::of($s);
        if ($includes !== null) {
            return $includes;
        }
        foreach ($s->has(W::I, W::Wants) ? [] : $s->said(W::Adds) as $adds) {
            // "Opening an account subscribes you": the word that adds is the one that subscribes.
            $within = static fn (Hit $h): bool => $h->from >= $adds->from && $h->to <= $adds->to && $adds->to - $adds->from > 1;
            $by = array_filter($s->all(W::By), static fn (Hit $h): bool => $h->to === $adds->from) !== [];
            // "In our letter there are offers": nobody is put into it.
            $names = $adds->from === 0 && ! $s->has(W::You, W::Everybody);
            if ($names || self::isBidden($s, $adds) || self::isOffered($s, $adds)
                || array_filter($s->all(W::Subscribes), static fn (Hit $h): bool => $by || ! $within($h)) !== []) {
                continue;
            }
            // "Your question may be added to our collection": a word alone needs something that is sent.
            if ($adds->to - $adds->from > 1 || ($s->has(W::Advertising, W::Carrier, ...W::means()) && ! $s->has(W::If, W::When))) {
                return $adds;
            }
        }
        $account = $this->subscribesItself($s);
        if ($account !== null) {
            return $account;
        }
        foreach ($s->said(W::Automatic) as $automatic) {
            if (SendingFrame::sent($s) !== null && $s->has(W::Everybody, W::Does, W::You, W::Self)) {
                return $automatic;
            }
        }

        return AnyAct::of($s);
    }

    /** "Every new account subscribes to our letter": a thing that is made, and nobody who wants it. */
    private function subscribesItself(Sentence $s): ?Hit
    {
        foreach ($s->has(W::Each) ? $s->said(W::Subscribes) : [] as $subscribes) {
            $thing = array_values(array_filter($s->said(W::Wanted), static fn (Hit $h): bool => $h->to === $subscribes->from))[0] ?? null;
            $each = static fn (Hit $h): bool => $thing !== null && $h->from === 0 && $thing->from - $h->to <= 1;
            if (array_filter($s->all(W::Each), $each) !== [] && $s->has(W::Advertising, W::Carrier)
                && ! $s->inClause($subscribes->clause, W::I, W::Wants, W::May)) {
                return $thing;
            }
        }

        return null;
    }

    /** "Subscribe to our letter": whoever reads it may. German says "you" behind the verb. */
    private static function isBidden(Sentence $s, Hit $adds): bool
    {
        $within = static fn (Hit $h): bool => in_array($h->from, $adds->tokens, true);
        $asks = static fn (Hit $h): bool => $h->class === W::Subscribes ? $h->from === $adds->from : $within($h);

        return $adds->from === $s->clauseOf($adds)->from && ! $s->inClause($adds->clause, W::Does)
            && array_filter($s->acting(W::Self), $within) === [] && array_filter($s->all(W::Subscribes, W::You), $asks) !== [];
    }

    /** "You can subscribe later": French says "you" twice. */
    private static function isOffered(Sentence $s, Hit $adds): bool
    {
        $may = array_filter($s->within($adds->clause, W::May), static fn (Hit $h): bool => $h->to === $adds->from);
        $ours = array_filter($s->acting(W::Self), static fn (Hit $h): bool => $h->clause === $adds->clause);
        $asks = array_filter($s->within($adds->clause, W::Subscribes), static fn (Hit $h): bool => $h->from >= $adds->from && $h->to <= $adds->to);

        return $may !== [] && $ours === [] && $asks !== [];
    }

    /** "Checked in online? Then we add you to our list": an act that is asked after, and what follows from it. */
    private function asked(Sentence $s, ?Sentence $before): ?Hit
    {
        $act = $before === null || count($before->tokens) > self::NEAR || ! $before->isQuestion() ? null : $before->said(W::Does)[0] ?? null;
        // "Looking for a book? Tell us its title": nobody of ours does anything.
        if ($act === null || $s->has(W::I, W::Ticks, W::Wants, W::May, W::If, W::Subscribes)) {
            return null;
        }
        // Nor behind "write to us", which in French is the word of somebody who acts.
        $ours = $s->acting(W::Self);
        $bids = static fn (Hit $h): bool => $h->from === 0 && $ours[0]->from > 0;

        return $ours === [] ? null : array_values(array_filter($s->said(W::Adds, W::Sends), static fn (Hit $h): bool => ! $bids($h)))[0] ?? null;
    }

    /** Whether ticking is the act: "by ticking", "if I tick". */
    private function ticks(Sentence $s): bool
    {
        foreach ($s->said(W::Ticks) as $tick) {
            $opener = $s->clauseOf($tick)->opener;
            if ($s->inClause($tick->clause, W::By, W::I) || in_array($opener, [W::If, W::When, W::Who], true) || ! $s->has(W::Adds, W::Automatic)) {
                return true;
            }
        }

        return false;
    }

    /** "By clicking Subscribe": a button is pressed that asks for the very thing. */
    private static function isPressed(Sentence $s, Hit $asks, Hit $act): bool
    {
        // With terms that are agreed to, what is signed up for is an account; "subscribe you" says what somebody does, and no button.
        $does = array_filter($s->all(W::You), static fn (Hit $you): bool => $you->from === $asks->to) !== [] && ! ActResult::isQuoted($s, $asks);
        if ($does || $s->has(W::Terms) || ! ActResult::isRightBehind($s, $asks, $act)) {
            return false;
        }
        $presses = array_filter($s->within($act->clause, W::Opens), static fn (Hit $h): bool => $h->from >= $act->from && $h->to <= $act->to) !== [];

        return $presses || ActResult::isQuoted($s, $asks);
    }

    private function isBy(Sentence $s, Hit $act): bool
    {
        foreach ($s->all(W::By) as $by) {
            // "By to order" opens a clause of its own in Swedish.
            $leads = $by->clause === $act->clause || ($by->clause === $act->clause - 1 && $by->to === $s->clauses[$act->clause]->from);
            $near = $leads && $by->to <= $act->from && $act->from - $by->to < self::NEAR;
            if ($near && self::isOpening($s, $by) && ! self::isAgreement($s, $by)) {
                return true;
            }
        }

        return false;
    }

    /** Whether "by" opens its clause, with at most "that you" or a word before it: "that you by writing to us", "also by ...". */
    public static function isOpening(Sentence $s, Hit $by): bool
    {
        $from = $s->clauses[$by->clause]->from;
        $that = array_map(static fn (Hit $h): int => $h->from, $s->within($by->clause, W::That, W::You));

        return $by->from - $from <= 1 || array_diff(range($from, $by->from - 1), $that) === [];
    }

    /** "With your consent": what opens it leads to agreeing and to nothing that anybody does. */
    public static function isAgreement(Sentence $s, Hit $opens): bool
    {
        if ($opens->class !== W::By || $opens->to - $opens->from > 1) {
            return false;
        }
        $your = array_filter($s->within($opens->clause, W::You), static fn (Hit $you): bool => $you->from === $opens->to);
        $from = $your === [] ? $opens->to : reset($your)->to;

        return array_filter($s->within($opens->clause, W::Agrees), static fn (Hit $agrees): bool => $agrees->from === $from) !== [];
    }

    private function signifies(Sentence $s, Hit $act): bool
    {
        // "A booking means that we email you your ticket": what was booked, and nothing besides.
        if ($s->has(W::Service) && ! $s->has(W::Advertising, W::Vague, W::Subscribes, W::Agrees, W::Adds, W::Automatic, W::Also)) {
            return false;
        }
        foreach ($s->said(W::Signifies) as $means) {
            if ($means->from >= $act->to) {
                return true;
            }
        }

        return false;
    }

    /** "If you book", "who uses the wifi", and in German, Swedish and Danish "book you, then ...". */
    private function opens(Sentence $s, Hit $act, Hit $result): bool
    {
        $clause = $s->clauses[$act->clause];
        $agrees = array_filter($s->said(W::Agrees), static fn (Hit $h): bool => $h->from !== $act->from) !== [];
        $strong = $s->says(W::Adds, W::Automatic) || $this->also($s) || $this->joins($s, $result) || $this->comesBesides($s, $act, $result)
            || ($agrees && $s->has(W::You, W::Everybody) && ($result->clause !== $act->clause || $this->goesOn($s, $act, $result)))
            || $this->whoeverDoes($s, $act, $result);
        // "So that they can contact you": who does it is somebody else.
        $yours = array_filter($s->within($act->clause, W::You), static fn (Hit $you): bool => $you->from < $act->from) !== [];
        $opened = in_array($clause->opener, [W::If, W::When], true) || ($clause->opener === W::So && $yours)
            || ($clause->opener === W::Who && ! self::isOfThing($s, $clause->from)) || $s->inClause($act->clause, W::Everybody);
        $inverted = $act->from === $clause->from && $clause->from === 0 && $s->inClause($act->clause, W::You);
        $somebody = $s->inClause($act->clause, W::You, W::Everybody) || $clause->opener === W::Who;

        return $strong && ($opened || $inverted) && $somebody;
    }

    /** "A mail that confirms your order": who does it is the mail. */
    private static function isOfThing(Sentence $s, int $from): bool
    {
        $before = array_filter([$from, $from - 1], static fn (int $at): bool => $at === $from || ($s->tokens[$at]->form ?? '') === ',');

        return array_filter($s->all(W::Carrier, W::Advertising, ...W::means()), static fn (Hit $h): bool => in_array($h->to, $before, true)) !== [];
    }

    /** "Whoever registers accepts our newsletter": whoever does it agrees by it, and nobody may or wants to. */
    private function whoeverDoes(Sentence $s, Hit $act, Hit $result): bool
    {
        $clause = $s->clauses[$act->clause];

        return $clause->opener === W::Who && $clause->from <= 2 && $result->class === W::Agrees && $result->from >= $act->to
            && ! $s->has(W::I, W::May, W::Wants, W::Must);
    }

    /** "When you press send you agree": without a comma, whoever acts is named once more before what comes of it. */
    private function goesOn(Sentence $s, Hit $act, Hit $result): bool
    {
        $again = static fn (Hit $you): bool => $you->from >= $act->to && $you->to <= $result->from;

        return array_filter($s->within($act->clause, W::You), $again) !== [];
    }

    /** "When you press send you join our mailing list": whoever acts is said to have asked for it, without a wish. */
    private function joins(Sentence $s, Hit $result): bool
    {
        return $result->class === W::Subscribes && $s->inClause($result->clause, W::You) && ! $s->inClause($result->clause, W::May, W::Wants, W::Must);
    }

    /** "If you send this form, you also get our monthly letter": one of ours comes besides, and nobody is asked. */
    private function comesBesides(Sentence $s, Hit $act, Hit $result): bool
    {
        $apart = $result->clause !== $act->clause || $act->from === $s->clauseOf($act)->from;
        if ($result->class !== W::Gets || ! $apart || $s->has(W::Service, W::Answers, W::Wants, W::May, W::I)) {
            return false;
        }
        $behind = fn (W ...$classes): bool => array_filter(
            $s->within($result->clause, ...$classes), static fn (Hit $h): bool => $h->from >= $result->to
        ) !== [];

        return $s->inClause($result->clause, W::Also) && $s->inClause($result->clause, W::Self) && $behind(W::Carrier, W::Advertising);
    }

    private function also(Sentence $s): bool
    {
        if ($s->has(W::Adds) && $s->has(W::Self)) {
            return true;
        }
        // "Who orders on board may be called by us".
        foreach ($s->has(W::Wants, W::Ticks, W::Subscribes) ? [] : $s->said(W::Sends) as $sends) {
            if ($s->inClause($sends->clause, W::May) && $s->inClause($sends->clause, W::Self) && ! $this->mayTheyThemselves($s, $sends)) {
                return true;
            }
        }

        return false;
    }

    /** "You can follow it with the link we email you": what they may do stands between, and is no sending. */
    private function mayTheyThemselves(Sentence $s, Hit $sends): bool
    {
        $yours = array_merge(...array_map(static fn (Hit $h): array => [$h->from, $h->to], $s->acting(W::You)), ...[[]]);
        $may = array_filter($s->within($sends->clause, W::May), static fn (Hit $h): bool => $h->to <= $sends->from);
        $last = end($may);

        return $last !== false && $sends->from - $last->to > self::BESIDE && (in_array($last->from, $yours, true) || in_array($last->to, $yours, true))
            && $s->has(W::Service, W::Wanted);
    }

    /** "With signing up for the letter you order": the act is to ask for the very thing. */
    private function asksForIt(Sentence $s, Hit $act): bool
    {
        foreach ($s->within($act->clause, W::Subscribes) as $asks) {
            // "To get the guide and join our list": something else is asked for first.
            $joins = array_filter($s->within($act->clause, W::Joins), static fn (Hit $and): bool => $and->to === $asks->from);
            if ($joins !== [] && array_filter($s->within($act->clause, W::Wanted), static fn (Hit $h): bool => $h->to <= $asks->from) !== []) {
                return false;
            }
            if ($asks->from < $act->from || self::isPressed($s, $asks, $act)
                || ($asks->from === $act->from && count($asks->tokens) > count($act->tokens))) {
                return true;
            }
        }

        return false;
    }

    /** "I would like to book": an act that is wished for is what the form is for. */
    private function isWish(Sentence $s, Hit $act): bool
    {
        return $s->inClause($act->clause, W::Wants) && $s->inClause($act->clause, W::I) && ! $s->inClause($act->clause, W::By);
    }
}
