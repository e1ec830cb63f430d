<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Names;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/**
 * Details pass to others for their own use: they are given away, or others are said to write. Whoever works for us gets nothing for its
 * own use, and mails about others' goods pass nothing on.
 */
final class PassingOnFrame implements Frame
{
    /** Others, what they get, and how: a sentence without any speaks of none. */
    private const OTHERS = [W::Passes, W::Outsider, W::Lets, W::Number, W::Gets];

    public function id(): string
    {
        return 'passing-on';
    }

    public function meanings(): array
    {
        return [Meaning::PassedOn, Meaning::TheyWrite, Meaning::SendsBesides, Meaning::OthersMentioned];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $others = $sentence->has(...self::OTHERS) || Others::outsiders($sentence) !== [] || Others::besideName($sentence) !== null
                || Others::theyWrite($sentence) !== null;
            $sense = $others ? $this->sense($passage, $sentence) : null;
            if ($sense !== null) {
                $senses[] = $sense;
            }
            $theirs = $sense?->meaning === Meaning::PassedOn ? $this->theirWriting($sentence) : null;
            if ($theirs !== null) {
                $senses[] = new Sense(Meaning::TheyWrite, $passage->clauseWords($sentence, $theirs->clause), 'Others may write.');
            }
            $own = $this->ownSending($passage, $sentence, $sense !== null && $sense->meaning === Meaning::PassedOn);
            $offered = array_filter(Others::outsiders($sentence), static fn (Hit $others): bool => Others::isOfferedBy($sentence, $others)) !== [];
            if ($own !== null && ! $offered) {
                $senses[] = new Sense(Meaning::SendsBesides, $passage->hitWords($sentence, $own), 'Something is sent by whoever asks.');
            }
        }

        return $senses;
    }

    /** "We tell other shops about you, so that they can write to you with their offers": what others are told of somebody lets them write. */
    private function toldOf(Sentence $s): ?Hit
    {
        $outsider = Others::outsiders($s)[0] ?? null;
        if ($outsider === null || $s->acting(W::Self) === [] || ! $s->has(W::Advertising)) {
            return null;
        }
        foreach ($s->said(W::Sends) as $sends) {
            $so = array_filter($s->all(W::So, W::InOrder), static fn (Hit $h): bool => $h->from > $outsider->from && $h->to <= $sends->from);
            $theirs = static fn (Hit $h): bool => $so !== [] && $h->from >= reset($so)->to;
            $all = [W::May, W::You];
            $they = array_filter($all, static fn (W $class): bool => array_filter($s->all($class), $theirs) === []) === [];
            if ($they && array_filter($s->acting(W::Self), $theirs) === [] && array_filter($s->all(W::Advertising), $theirs) !== []) {
                return $sends;
            }
        }

        return null;
    }

    private function sense(Passage $passage, Sentence $s): ?Sense
    {
        if ($s->has(W::Processor) && Others::besideName($s) === null) {
            return null;
        }
        $named = Names::after($passage, $s, $s->said(W::Passes)[0] ?? null);
        foreach ($s->said(W::Passes) as $pass) {
            $outsider = Others::outsiders($s)[0] ?? null;
            if ($outsider !== null && ! Others::isOnlyTheirs($s, $outsider, $pass)) {
                return $this->passed($passage, $s, $pass, $outsider, $named);
            }
            if ($outsider === null && $named !== null && $s->has(W::Details) && $s->inClause($pass->clause, W::Details)) {
                return new Sense(Meaning::PassedOn, $passage->clauseWords($s, $pass->clause), "Details pass to $named.", true, $named);
            }
        }
        foreach (Others::outsiders($s) as $outsider) {
            $sent = Others::sendThemselves($s, $outsider) ?? (Others::areBeside($s, $outsider) ? SendingFrame::sent($s) : null);
            if ($sent !== null) {
                return $this->passed($passage, $s, $sent, $outsider, Names::after($passage, $s, $outsider));
            }
            if (Others::isOnlyTheirs($s, $outsider, null)) {
                continue;
            }
            $list = Others::mayInList($s, $outsider);
            $stretch = [...$s->stretch($outsider->clause), ...($list === null ? [] : [$list->clause])];
            $acts = array_values(array_filter(
                $s->said(W::Sends, W::Uses, W::Gets, W::Profiles), static fn (Hit $h): bool => in_array($h->clause, $stretch, true)
            ));
            $from = static fn (Hit $from): ?Hit => Others::comesFrom($s, $from);
            $acts = $acts === [] ? array_filter(array_map($from, $s->within($outsider->clause, W::From))) : $acts;
            // "I agree that Tidewick and its affiliates advise me by phone": whatever it is that they do by it.
            $agreed = $s->clauseOf($outsider)->opener === W::That && $s->inClause($outsider->clause - 1, W::Agrees) && $s->inClause($outsider->clause, W::I);
            $acts = $acts === [] && $agreed ? array_filter($s->all(...W::means()), static fn (Hit $h): bool => in_array($h->clause, $stretch, true)) : $acts;
            $may = array_filter($acts, static fn (Hit $act): bool => $s->inClause($act->clause, W::May)) !== [];
            if ($acts !== [] && ($may || $s->inClause($outsider->clause, W::May, W::Agrees, W::Details, W::Wants, W::You)
                || $s->says(W::Agrees) || ($s->says(W::Wants) && $s->clauseOf($outsider)->opener === W::That))) {
                return $this->passed($passage, $s, reset($acts), $outsider, Names::after($passage, $s, $outsider));
            }
        }
        $told = $this->toldOf($s);
        if ($told !== null) {
            return $this->passed($passage, $s, $told, Others::outsiders($s)[0], Names::after($passage, $s, Others::outsiders($s)[0]));
        }
        foreach ($s->has(W::Also) ? $s->said(W::Lets) : [] as $lets) {
            $writes = Others::letWrite($s, $lets);
            $name = $writes === null ? null : Names::after($passage, $s, $lets);
            if ($name !== null) {
                return new Sense(Meaning::PassedOn, $passage->words($s, $lets->from, $writes->to), "$name may write, too.", true, $name);
            }
        }
        $several = Others::severalWrite($s) ?? Others::besideName($s) ?? Others::theyWrite($s);
        if ($several !== null) {
            return $this->passed($passage, $s, $several, $several, null);
        }
        foreach ($s->said(W::Passes) as $pass) {
            // "Give us your address" is what somebody does on a page.
            $done = array_filter($s->within($pass->clause, W::Does), static fn (Hit $d): bool => $d->from <= $pass->from && $d->to > $pass->from) !== [];
            // "Tell me the times": what is told to the person passes to nobody.
            $toMe = array_filter($s->within($pass->clause, W::I), static fn (Hit $me): bool => $me->from === $pass->to) !== [];
            $given = ! $done && ! $toMe && $s->inClause($pass->clause, W::Details) && ! $s->inClause($pass->clause, W::Abroad);
            $towards = array_filter($s->within($pass->clause, W::Towards), static fn (Hit $t): bool => $t->from > $pass->from) !== [];
            // "Let hotels have my address": they stand within what speaks of giving.
            $within = count($pass->tokens) < $pass->to - $pass->from && $s->inClause($pass->clause, W::Joins);
            $so = $towards || $within || $s->inClause($pass->clause, W::May) || $s->clauseOf($pass)->opener === W::That;
            if ($given && $so && ! $s->inClause($pass->clause, W::Self)) {
                if ($this->theyWrite($s, $pass) || $this->isForTheirOwn($s, $pass)) {
                    return $this->passed($passage, $s, $pass, $pass, null);
                }

                return new Sense(Meaning::OthersMentioned, $passage->clauseWords($s, $pass->clause), 'Details are given away; to whom is not said.', false);
            }
        }
        $gets = $this->othersGet($s);
        if ($gets !== null) {
            return new Sense(Meaning::OthersMentioned, $passage->clauseWords($s, $gets->clause), 'Others seem to get details; who they are is not plain.', false);
        }
        $mentioned = Others::outsiders($s)[0] ?? null;
        if ($mentioned === null || SendingFrame::sent($s) === null) {
            return null;
        }
        $theirs = Others::isOfferedBy($s, $mentioned)
            || (Others::isOnlyTheirs($s, $mentioned, null) && $s->inClause($mentioned->clause, W::Self, W::Gets, W::Wants));
        if (! $theirs && ! Others::isJoined($s, $mentioned, $passage)) {
            return null;
        }
        $why = 'Others have a part in it; whether they get the address is not said.';

        return new Sense(Meaning::OthersMentioned, $passage->hitWords($s, $mentioned), $why, false);
    }

    /** "All the traders may have my email and write to me": whoever they are, they write. German has one word for "they" and "you", but for a capital. */
    private function theyWrite(Sentence $s, Hit $pass): bool
    {
        $behind = static fn (Hit $h): bool => $h->from >= $pass->to;
        $they = array_map(static fn (Hit $h): int => $h->from, array_filter($s->all(W::They), static fn (Hit $h): bool => ! $s->tokens[$h->from]->capital));
        $you = array_filter($s->acting(W::You), static fn (Hit $h): bool => ! in_array($h->from, $they, true));

        $let = $s->inClause($pass->clause, W::May) || $pass->from === $s->clauseOf($pass)->from;

        return $let && $you === [] && array_filter($s->said(W::Sends), $behind) !== []
            && array_filter($s->all(W::I), $behind) !== [];
    }

    /** "Shares this address with the neighbours for their own mailings": what it is given away for is theirs. */
    private function isForTheirOwn(Sentence $s, Hit $pass): bool
    {
        foreach ($s->within($pass->clause, W::Its) as $their) {
            $for = array_filter($s->within($pass->clause, W::From, W::InOrder, W::Towards), static fn (Hit $h): bool => $h->to === $their->from) !== [];
            $mails = array_filter(
                $s->within($pass->clause, W::Advertising, W::Carrier, ...W::means()), static fn (Hit $h): bool => $h->from >= $their->to
            ) !== [];
            if ($for && $mails) {
                return true;
            }
        }

        return false;
    }

    /** What whoever asks sends itself: in another sentence, or in a clause that is neither the passing on nor what it is for. */
    private function ownSending(Passage $passage, Sentence $s, bool $passed): ?Hit
    {
        if (! $passed) {
            return SendingFrame::sent($s);
        }
        // "We and our partners may write to you": whoever asks does, too (EDPB Guidelines 05/2020, example 7).
        $write = static fn (Hit $others): bool => ! $s->inClause($others->clause, W::Passes) && (
            Others::isJoined($s, $others, $passage) || Others::areBeside($s, $others)
        );
        $beside = array_filter(Others::outsiders($s), $write);
        if ($beside !== []) {
            return reset($beside);
        }
        $unnamed = Others::outsiders($s) === [];
        foreach ($s->said(W::Sends, W::Gets, W::Advertising, W::Vague, W::Carrier, ...W::means()) as $hit) {
            if (($unnamed || Others::theyWrite($s) !== null) && $this->isOfUnnamed($s, $hit)) {
                continue;
            }
            $clause = $s->clauseOf($hit);
            $so = in_array($clause->opener, [W::So, W::Who, W::That], true)
                || array_filter($s->within($hit->clause, W::InOrder), static fn (Hit $h): bool => $h->from === $clause->from) !== [];
            $purpose = $so && ! $this->standsBefore($s, $hit);
            // "They will write to me": French has words for them that are no other's.
            $they = array_filter($s->within($hit->clause, W::They), static fn (Hit $h): bool => $h->from === $clause->from) !== []
                && ! $s->tokens[$clause->from]->capital;
            $theirs = $purpose || $they || $s->inClause($hit->clause, W::Passes) || Others::standIn($s, $hit->clause) || $this->isAllowedThem($s, $hit->clause)
                || ($hit->class === W::Sends && $this->goesOn($s, $hit->clause));
            $address = array_filter($s->within($hit->clause, W::Details), static fn (Hit $d): bool => $d->from === $hit->to || $d->to === $hit->to);
            $behind = fn (Hit $and): bool => $and->from >= $hit->to && $this->passesBehind($s, $and);
            $joined = $address !== [] ? [] : array_filter($s->within($hit->clause, W::Joins), $behind);
            if ($joined !== []) {
                return $hit;
            }
            if (! in_array($hit->class, [W::Sends, W::Gets, W::Advertising, W::Vague], true)) {
                continue;
            }
            if (! $theirs && ($s->inClause($hit->clause, W::I, W::Self, W::You) || $hit->class === W::Advertising) && ! $this->followsPassing($s, $hit)) {
                return $hit;
            }
        }

        return null;
    }

    /** Whether it is what those do who stand beside a name, or who are told of somebody so that they can write. */
    private function isOfUnnamed(Sentence $s, Hit $hit): bool
    {
        $beside = Others::besideName($s);
        $they = Others::theyWrite($s);
        if ($beside !== null || $they === null) {
            return $beside !== null && $hit->from >= $beside->from;
        }
        $tells = array_map(static fn (Hit $h): int => $h->from, $s->said(W::Tells, W::Passes));

        return $hit->clause === $they->clause || in_array($hit->from, $tells, true) || ! $s->inClause($hit->clause, W::Passes, W::I, W::Self);
    }

    /** "Our partners may call, text or email me": one more of what others may do, behind a comma. */
    private function goesOn(Sentence $s, int $clause): bool
    {
        $wishes = $s->inClause($clause, W::May, W::Wants, W::Agrees, W::Self);

        return $clause > 0 && $s->clauses[$clause]->opener === null && ! $wishes && $s->inClause($clause - 1, W::May) && Others::standIn($s, $clause - 1);
    }

    /** "Allow our partners, to send you emails", "those with whom you work, may write to me": what they may do stands in a clause of its own. */
    private function isAllowedThem(Sentence $s, int $clause): bool
    {
        if ($clause === 0 || ! isset($s->clauses[$clause]) || $s->clauses[$clause]->opener !== null || ! $s->inClause($clause - 1, W::Outsider)) {
            return false;
        }
        $acts = static fn (Hit $h): bool => $h->clause === $clause;
        $allowed = $s->inClause($clause - 1, W::Agrees) && ! $s->inClause($clause, W::I, W::Self);

        return $allowed || ($s->inClause($clause, W::May) && array_filter($s->acting(W::I, W::You, W::Self), $acts) === []);
    }

    /** "Hoteliers we know get your email": somebody gets details, and it is neither the person nor whoever asks. */
    private function othersGet(Sentence $s): ?Hit
    {
        $may = array_map(static fn (Hit $h): int => $h->from, $s->all(W::May));
        foreach ($s->said(W::Gets) as $gets) {
            $does = array_filter($s->within($gets->clause, W::Uses, W::Sends, W::Passes), static fn (Hit $h): bool => $h->from >= $gets->to) !== [];
            if (in_array($gets->from, $may, true) && $does) {
                continue;
            }
            $details = array_filter($s->within($gets->clause, W::Details), static fn (Hit $d): bool => $d->from >= $gets->to && $d->from - $gets->to <= 4);
            $acts = static fn (Hit $h): bool => $h->clause === $gets->clause && $h->from < $gets->from;
            $somebody = array_filter($s->acting(W::I, W::You, W::Self, W::Wants), $acts);
            $own = array_filter($s->within($gets->clause, W::I, W::You), static fn (Hit $h): bool => $h->from >= $gets->to);
            if ($details !== [] && $somebody === [] && $own !== [] && $gets->from > $s->clauseOf($gets)->from) {
                return $gets;
            }
        }

        return null;
    }

    /** "To our partners, who may contact you": not for what was asked. */
    private function theirWriting(Sentence $s): ?Hit
    {
        $gets = static fn (Hit $h): bool => $s->inClause($h->clause, W::Outsider) && $s->inClause($h->clause, W::Details);
        $passes = $s->said(W::Passes)[0] ?? array_values(array_filter($s->said(W::Gets), $gets))[0] ?? null;
        if ($passes === null || $s->has(W::Service, W::Answers)) {
            return null;
        }
        // "Who may write to you", and "who will send you invitations".
        $theirs = static fn (Hit $h): bool => $h->clause > $passes->clause && $s->inClause($h->clause, W::You, W::I) && ! $s->inClause($h->clause, W::Self)
            && ($s->inClause($h->clause, W::May) || $s->clauseOf($h)->opener === W::Who);

        $ours = $s->inClause($passes->clause, W::Self) && $s->has(W::Rate);

        // "From time to time we give your details to other companies": as nobody does for a single order.
        return array_values(array_filter($s->said(W::Sends), $theirs))[0] ?? ($ours ? $passes : null);
    }

    /** Whether details are passed on behind an "and" of the same clause: "inform me and make my details available". */
    private function passesBehind(Sentence $s, Hit $and): bool
    {
        foreach ([...$s->within($and->clause, W::Passes), ...$s->has(W::Also) ? $s->within($and->clause, W::Lets) : []] as $pass) {
            if ($pass->from >= $and->to) {
                return true;
            }
        }

        return false;
    }

    /** Whether all passing on comes in clauses behind it. */
    private function standsBefore(Sentence $s, Hit $hit): bool
    {
        return array_filter($s->said(W::Passes), static fn (Hit $pass): bool => $pass->clause <= $hit->clause) === [];
    }

    /** Whether it stands behind the passing on in a clause that says what that is for. */
    private function followsPassing(Sentence $s, Hit $hit): bool
    {
        foreach ($s->said(W::Passes) as $pass) {
            if ($pass->from < $hit->from && ! $s->inClause($hit->clause, W::Self)) {
                return true;
            }
        }

        return false;
    }

    private function passed(Passage $passage, Sentence $s, Hit $deed, Hit $outsider, ?string $named): Sense
    {
        $words = $passage->words($s, min($deed->from, $outsider->from), max($deed->to, $outsider->to));
        // A group is called by a name, and its companies are not named by it.
        $named = $s->has(W::Group) ? null : $named;

        return new Sense(Meaning::PassedOn, $words, 'Details pass to others, who use them for themselves'.($named === null ? '.' : ": $named."), true, $named);
    }
}
