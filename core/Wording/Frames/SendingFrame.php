<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/** Something is sent, or somebody is contacted: advertising is named, somebody may send or wants to get something. */
final class SendingFrame implements Frame
{
    /** Words by which something comes, beside the means. */
    private const COMES = [W::Sends, W::Gets, W::Subscribes, W::Advertising, W::Vague, W::Carrier];

    /** Words of a clause that may speak of ending without saying whose. */
    private const SHORT = 5;

    /** Words of a clause that says no more than a time. */
    private const TIME_ALONE = 4;

    /** Words between "about" and what it is about. */
    private const TOPIC = 2;

    /** Words and marks of a clause that is no more than a yes. */
    private const ANSWER = 2;

    public function id(): string
    {
        return 'sending';
    }

    public function meanings(): array
    {
        return [Meaning::Sends];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $hit = self::sent($sentence);
            if ($hit !== null) {
                $senses[] = new Sense(Meaning::Sends, $passage->hitWords($sentence, $hit), 'Something is sent.');
            }
        }

        return $senses;
    }

    /** What speaks of sending in a sentence; null where nothing does. */
    public static function sent(Sentence $sentence): ?Hit
    {
        return $sentence->once('sent', static fn (): ?Hit => self::find($sentence));
    }

    /** Whether a sentence has words by which something comes. */
    public static function comes(Sentence $sentence): bool
    {
        return $sentence->has(...self::COMES, ...W::means());
    }

    /** "Free delivery over 40 pounds", "open every day": how a house trades, and nothing of what is sent to whoever signs up. */
    public static function isOfTrade(Sentence $sentence): bool
    {
        return $sentence->once('of trade', static function () use ($sentence): bool {
            $trades = $sentence->all(W::Trades);
            $apart = static fn (Hit $h): bool => array_filter($trades, static fn (Hit $t): bool => $t->from <= $h->from && $h->to <= $t->to) === [];

            return $trades !== [] && array_filter($sentence->all(...self::COMES, ...W::means()), $apart) === [];
        });
    }

    private static function find(Sentence $sentence): ?Hit
    {
        if (AnswerFrame::isAll($sentence)) {
            return null;
        }
        $measured = self::isMeasured($sentence) ? self::measuredFrom($sentence) : null;
        foreach ($sentence->all(W::Advertising, W::Subscribes, W::Adds, W::Sends, W::Gets, W::Carrier, ...W::means()) as $hit) {
            $clause = $hit->clause;
            if ($measured !== null && $hit->class !== W::Sends && $hit->from >= $measured) {
                continue;
            }
            $person = $sentence->inClause($clause, W::I, W::You, W::Everybody);
            $wish = $sentence->inClause($clause, W::May, W::Wants, W::Agrees, W::Yes) || self::isAnswered($sentence, $clause)
                || self::isWishedBeside($sentence, $clause);
            $is = match ($hit->class) {
                W::Advertising, W::Subscribes => ! self::ends($sentence, $clause),
                // "Add the warranty": a word alone needs somebody who is added, or to what; "which walks will you join?" puts nobody on a list.
                W::Adds => ! self::ends($sentence, $clause)
                    && (! $sentence->isQuestion() || $wish || $sentence->has(W::Carrier, W::Advertising, ...W::means()))
                    && (count($hit->tokens) > 1 || $person || $sentence->has(W::Advertising, W::Carrier, W::Vague, ...W::means())),
                W::Sends => ($person || $wish || $sentence->inClause($clause, W::Carrier, ...W::means())) && ! self::ends($sentence, $clause),
                W::Gets => ! self::ends($sentence, $clause) && ! self::isOfPapers($sentence, $hit) && (
                    $wish || self::isWished($sentence, $hit) || self::isGivenFor($sentence, $hit)
                    || ($person && $sentence->has(W::Carrier, W::Advertising, W::Vague, ...W::means()))
                ),
                default => ! self::ends($sentence, $clause)
                    && ($wish || self::isRegular($sentence, $clause) || self::isTitled($sentence, $hit) || self::isCalledFor($sentence, $hit)
                        || ($person && $sentence->inClause($clause, W::Sends, W::Gets))),
            };
            if ($is) {
                return $hit;
            }
        }

        return null;
    }

    /**
     * "I would like, by email, to hear of ...": the wish stands before a comma. "I agree to the terms, and to be emailed": it stands before an "and", and in
     * German behind one, "with emails and with that which follows agreed".
     */
    private static function isWishedBeside(Sentence $s, int $clause): bool
    {
        $opener = $s->clauses[$clause]->opener;
        $second = $s->clauses[$clause]->from + 1;
        $joined = $opener === W::Joins && array_filter($s->within($clause, W::InOrder), static fn (Hit $to): bool => $to->from === $second) !== [];
        $wants = $opener === W::That && $s->inClause($clause - 1, W::Wants) && $s->clauses[$clause - 1]->opener === W::Joins && $s->has(W::I);
        // "Du samtycker till att få inbjudningar": the wish stands right before what opens the clause.
        $at = $s->clauses[$clause]->from;
        $near = static fn (Hit $h): bool => $h->to <= $at && $at - $h->to <= 1;
        $toGet = $opener === W::That && ! $s->inClause($clause, W::You, W::Self) && $s->inClause($clause - 1, W::I, W::You)
            && array_filter($s->within($clause - 1, W::Agrees), $near) !== [];
        $before = $wants || $toGet || (($opener === null || $joined) && $s->inClause($clause - 1, W::Wants, W::Agrees) && $s->inClause($clause - 1, W::I));
        $agreed = ($s->clauses[$clause + 1] ?? null)?->opener === W::Joins && $s->inClause($clause, W::I)
            && array_filter($s->within($clause + 1, W::Agrees), static fn (Hit $h): bool => $h->to >= $s->clauses[$clause + 1]->to - 1) !== [];

        return ($before && ! self::ends($s, $clause - 1)) || $agreed || self::isAgreedToo($s, $clause);
    }

    /** "The terms are fine by me, and so are emails about teas": what is agreed to before is agreed to of these, too. */
    private static function isAgreedToo(Sentence $s, int $clause): bool
    {
        $too = $s->inClause($clause, W::So, W::Also)
            || (($s->clauses[$clause + 1] ?? null)?->opener === W::Joins && $s->inClause($clause + 1, W::Also));
        // "The terms are fine, offers by email as well."
        $listed = $s->clauses[$clause]->opener === null && ($s->tokens[$s->clauses[$clause]->from - 1]->form ?? '') === ',';
        $joined = $too && ($listed || (in_array($s->clauses[$clause]->opener, [W::Joins, W::So], true) && $s->inClause($clause, W::Joins)));

        $somebody = array_filter($s->acting(W::You), static fn (Hit $h): bool => $h->clause === $clause) !== [];

        return $joined && ! $somebody && $s->inClause($clause - 1, W::Agrees, W::Yes) && ! $s->inClause($clause, W::Not, W::May);
    }

    /** "I confirm that I have read the notice": what is read is no letter. */
    private static function isOfPapers(Sentence $s, Hit $gets): bool
    {
        $reads = array_filter($s->within($gets->clause, W::Reads), static fn (Hit $h): bool => $h->from <= $gets->from && $h->to >= $gets->to);

        return $reads !== [] && ! $s->inClause($gets->clause, W::Carrier, W::Advertising, W::Vague, ...W::means());
    }

    /** Whether it speaks of measuring what is opened; in "count me in for news when we open" nothing is counted. */
    private static function isMeasured(Sentence $s): bool
    {
        $wishes = $s->all(W::Wants, W::Subscribes);
        $within = static fn (Hit $h): bool => array_filter($wishes, static fn (Hit $w): bool => $w->from <= $h->from && $h->to < $w->to) !== [];

        return $s->has(W::Opens) && array_filter($s->all(W::Measures), static fn (Hit $h): bool => ! $within($h)) !== [];
    }

    /** Where it begins what is said of measuring: behind an "and" that parts it from what is sent, or with the sentence. */
    private static function measuredFrom(Sentence $s): int
    {
        $first = $s->all(W::Measures, W::Opens)[0]->from ?? 0;
        $joins = array_filter($s->all(W::Joins), static fn (Hit $and): bool => $and->to <= $first);

        return $joins === [] ? 0 : end($joins)->from;
    }

    /** "Yes, send tips": the yes stands before a comma. */
    private static function isAnswered(Sentence $s, int $clause): bool
    {
        return $clause === 1 && $s->clauses[1]->opener === null && $s->inClause(0, W::Yes) && $s->clauses[0]->to <= self::ANSWER;
    }

    /** "One email a month about sailings": what comes by some means again and again is sent, whoever does it. */
    private static function isRegular(Sentence $s, int $clause): bool
    {
        // "Each month, one email", "tips by email (weekly)": the time may stand before a comma, or by itself behind one.
        $next = $s->clauses[$clause + 1] ?? null;
        $words = $next === null ? [] : array_filter(array_slice($s->tokens, $next->from, $next->to - $next->from), static fn (Token $t): bool => $t->word);
        $alone = $next !== null && $next->opener === null && count($words) <= self::TIME_ALONE ? [$clause + 1] : [];
        $clauses = $s->clauses[$clause]->opener === null ? [$clause, $clause - 1, ...$alone] : [$clause];
        $again = static fn (int $n): bool => $s->inClause($n, W::Rate) || ($s->inClause($n, W::Unit) && $s->inClause($n, W::Each, W::Per));

        return ! $s->inClause($clause, W::Not, W::Self, W::You, W::Uses, W::Details) && array_filter($clauses, $again) !== [];
    }

    /** "Emails about new trails", "new trails by email, stop whenever you like": a label that is no more than what comes, what about, and how it ends. */
    private static function isTitled(Sentence $s, Hit $mails): bool
    {
        if ($mails->clause !== 0 || $s->inClause(0, W::You, W::Self, W::I, W::Does, W::Must, W::Not, W::Details, W::Service, W::Contact)) {
            return false;
        }
        $about = array_filter($s->within(0, W::From), static fn (Hit $h): bool => $h->from === $mails->to) !== [];
        $by = array_filter($s->within(0, W::By, W::Per), static fn (Hit $h): bool => $h->from > 0 && $h->to === $mails->from) !== [];

        $when = $mails->from === 0 && ($s->clauses[1] ?? null)?->opener === W::When && $s->clauses[0]->to === $mails->to + 1;

        return ($mails->from === 0 && $about) || $when || ($by && $s->has(W::Ends, W::Withdraws) && $s->has(W::AnyTime));
    }

    /** "Shout by email when the swell is good": whatever word calls for it. */
    private static function isCalledFor(Sentence $s, Hit $mails): bool
    {
        $by = array_filter($s->within(0, W::By, W::Per), static fn (Hit $h): bool => $h->from > 0 && $h->to === $mails->from) !== [];

        return $by && $mails->clause === 0 && $mails->from <= self::TOPIC + 1 && ($s->clauses[1] ?? null)?->opener === W::When
            && ! $s->inClause(0, W::You, W::Self, W::Does, W::Must, W::Not, W::Details, W::Service, W::Contact, W::Answers);
    }

    /** "Get emails about ...": a label that begins so is a wish. */
    private static function isWished(Sentence $s, Hit $gets): bool
    {
        return $gets->from === $s->clauses[$gets->clause]->from && $s->inClause($gets->clause, W::Carrier, W::Advertising, ...W::means());
    }

    /** "Leave us your email to hear about new loaves": an address is given to get something about what there is. */
    private static function isGivenFor(Sentence $s, Hit $gets): bool
    {
        $given = array_filter($s->within($gets->clause, W::Details), static fn (Hit $d): bool => $d->to <= $gets->from) !== [];
        $of = array_filter($s->within($gets->clause, W::From, W::Self), static fn (Hit $h): bool => $h->from === $gets->to) !== [];

        return $given && $of;
    }

    /** "Emails about new magazines": a thing that is also sent, or somebody who also gets something, where it is what emails are about. */
    public static function isTopic(Sentence $s, Hit $thing): bool
    {
        foreach ($s->all(W::From) as $about) {
            $between = $thing->from - $about->to;
            $sent = array_filter($s->all(W::Carrier, ...W::means()), static fn (Hit $h): bool => $h->to <= $about->from && $about->from - $h->to <= 1);
            if ($between >= 0 && $between <= self::TOPIC && $sent !== [] && ! $s->inClause($thing->clause, W::Self)) {
                return true;
            }
        }

        return false;
    }

    /** "We need your address to send you news": details are needed, and nobody has to do anything for something else. */
    public static function needs(Sentence $s, Hit $must): bool
    {
        foreach ($s->within($must->clause, W::Details) as $details) {
            $for = array_filter($s->within($must->clause, W::InOrder), static fn (Hit $to): bool => $to->from === $details->to);
            if ($details->from >= $must->to && $for !== []) {
                return true;
            }
        }

        return false;
    }

    /** Whether a clause says how it ends, and so nothing of what comes. */
    public static function ends(Sentence $sentence, int $clause): bool
    {
        return $sentence->once("ends $clause", static fn (): bool => self::saysItsEnd($sentence, $clause));
    }

    private static function saysItsEnd(Sentence $sentence, int $clause): bool
    {
        $somebody = [W::I, W::You, W::May, W::AnyTime, W::Way, W::HardWay, W::Must, W::Self, W::NeverEnds];
        $short = $sentence->clauses[$clause]->to - $sentence->clauses[$clause]->from <= self::SHORT;

        $onceOnly = $sentence->clauses[$clause]->opener === W::When && ! $sentence->inClause($clause, W::NoLonger, W::AnyTime);
        if ($onceOnly || self::isRevocable($sentence, $clause)) {
            return false;
        }

        return $sentence->inClause($clause, W::NoLonger) || self::isByWhich($sentence, $clause)
            || (self::saysEnding($sentence, $clause) && ($short || $sentence->inClause($clause, ...$somebody)))
            || ($sentence->inClause($clause, W::AnyTime) && $sentence->inClause($clause, W::Way));
    }

    /** "I give my at any time revocable consent to emails": what is said of the consent says nothing of its end. */
    private static function isRevocable(Sentence $sentence, int $clause): bool
    {
        foreach ($sentence->within($clause, W::Withdraws) as $revocable) {
            foreach ($sentence->within($clause, W::Agrees) as $consent) {
                if ($revocable->to === $consent->from) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "It ends at any time through that I write to you": a clause of its own that says by what. */
    private static function isByWhich(Sentence $sentence, int $clause): bool
    {
        $from = $sentence->clauses[$clause]->from;
        foreach ($clause > 0 && ! $sentence->inClause($clause, W::Self) ? $sentence->within($clause - 1, W::By) : [] as $by) {
            if ($by->to === $from) {
                return self::ends($sentence, $clause - 1);
            }
        }

        return false;
    }

    /**
     * Whether something in a clause of ending belongs to what is consented to: "the consent to receive the monthly fares can be withdrawn".
     */
    public static function isConsentedTo(Sentence $sentence, int $clause, int $token): bool
    {
        foreach ($sentence->within($clause, W::Ends, W::Withdraws, W::HardWay, W::NeverEnds, W::AnyTime, W::May) as $ending) {
            if ($ending->from > $token) {
                return self::isAgreedBefore($sentence, $clause, $token, $ending->from);
            }
        }

        return false;
    }

    /** Whether somebody agrees before a word of a clause, and something is sent between that and the end of what is agreed to. */
    private static function isAgreedBefore(Sentence $sentence, int $clause, int $token, int $end): bool
    {
        // In "consent that fares are mailed ... ends" agreeing stands in the clause before.
        $that = $sentence->clauses[$clause]->opener === W::That ? $sentence->within($clause - 1, W::Agrees) : [];
        foreach ([...$that, ...$sentence->within($clause, W::Agrees)] as $agrees) {
            foreach ($agrees->to <= $token ? $sentence->within($clause, W::Sends, W::Gets, W::Carrier, ...W::means()) : [] as $sent) {
                if ($sent->from >= $agrees->to && $sent->to <= $end) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether words of ending stand in a clause by themselves: "finish the order" ends nothing that is sent. */
    private static function saysEnding(Sentence $sentence, int $clause): bool
    {
        foreach ($sentence->within($clause, W::Ends, W::Withdraws) as $ending) {
            if (! self::isWithinMore($sentence, $ending)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a word of ending is part of what does something else: "leave your address", "spare me", "right of return". */
    public static function isWithinMore(Sentence $sentence, Hit $ending): bool
    {
        foreach ($sentence->within($ending->clause, W::Returns) as $return) {
            if ($return->from <= $ending->from && $ending->to <= $return->to && ! $sentence->inClause($ending->clause, W::AnyTime)) {
                return true;
            }
        }
        foreach ($sentence->within($ending->clause, W::Does, W::Wanted, W::Passes, W::Refuses, W::LeavesEmpty, W::Presses) as $more) {
            if (count($more->tokens) > count($ending->tokens) && $more->from <= $ending->from && $ending->to <= $more->to) {
                return true;
            }
        }

        return false;
    }
}
