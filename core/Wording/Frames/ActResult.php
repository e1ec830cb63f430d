<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** What an act is said to bring about: agreeing to be written to, or advertising; and not what is done by it, confirmed, or used to answer. */
final class ActResult
{
    /** @return Hit|null the first word of what comes of it; null where nothing does */
    public static function of(Sentence $s, Hit $act): ?Hit
    {
        foreach ($s->has(W::Stores) ? $s->said(W::Agrees) : [] as $agrees) {
            if (self::isToKeep($s, $agrees)) {
                return null;
            }
        }
        $meant = $s->says(W::Signifies) ? [W::Carrier, ...W::means()] : [];
        foreach ($s->said(W::Agrees, W::Adds, W::Advertising, W::Sends, W::Gets, W::Subscribes, ...$meant) as $hit) {
            if ($hit->from < $act->to && $hit->to > $act->from) {
                continue;
            }
            if (self::isDone($s, $hit, $act)) {
                continue;
            }
            // "Press send": what stands on the button. In German "with the order write we" speaks of us.
            $ours = array_filter($s->acting(W::Self), static fn (Hit $we): bool => $we->from === $hit->to) !== [];
            if ($hit->class === W::Sends && ! $ours && (self::isRightBehind($s, $hit, $act) || self::isQuoted($s, $hit))) {
                continue;
            }
            if (in_array($hit->class, [W::Sends, W::Gets], true) && self::isWithinAct($s, $hit)) {
                continue;
            }
            if (in_array($hit->class, [W::Sends, W::Gets], true) && ! $s->has(W::Advertising, W::Vague, W::Carrier, W::Agrees, W::Automatic, ...W::means())) {
                continue;
            }
            // "I agree to the terms by booking": what is agreed to must be sent.
            if ($hit->class === W::Agrees && (self::isOfPapers($s, $hit) || (! self::isSent($s, $act) && ! self::gives($s)))) {
                continue;
            }
            // "You agree that we use your details to answer": it is used for what was asked.
            if ($hit->class === W::Agrees && $s->has(W::Uses) && self::isToAnswer($s, $hit)) {
                continue;
            }

            return $hit;
        }

        return null;
    }

    /** "Sending this report means", "by sending you confirm": what is done, and not what comes of it. */
    private static function isDone(Sentence $s, Hit $hit, Hit $act): bool
    {
        $behind = match ($hit->class) {
            W::Carrier => $s->said(W::Signifies),
            W::Sends => array_filter($s->all(W::Confirms), static fn (Hit $h): bool => $h->from === $act->from),
            default => [],
        };

        return array_filter($behind, static fn (Hit $h): bool => $h->from > $hit->from) !== [];
    }

    /** "You accept our terms of use", "you confirm that it is true": papers, or what is so, are all that it is about. */
    private static function isOfPapers(Sentence $s, Hit $agrees): bool
    {
        $confirms = array_filter($s->all(W::Confirms), static fn (Hit $h): bool => $h->from === $agrees->from) !== [];
        $papers = $s->has(W::Notice, W::Terms) && ! $s->has(W::Carrier, W::Vague, W::Outsider, W::Profiles);

        return ($papers || $confirms) && ! $s->has(W::Advertising, W::Subscribes, ...W::means());
    }

    /** Whether anything is sent besides what is done: "by sending it you agree that we may look at your booking" sends nothing. */
    private static function isSent(Sentence $s, Hit $act): bool
    {
        // "Your report" is what somebody writes, and nothing that they get.
        $acting = array_map(static fn (Hit $h): int => $h->from, $s->acting(W::You));
        $theirs = array_map(static fn (Hit $h): int => in_array($h->from, $acting, true) ? -1 : $h->to, $s->all(W::You));
        $apart = static fn (Hit $h): bool => ($h->from >= $act->to || $h->to <= $act->from) && ! in_array($h->from, $theirs, true);
        $sent = SendingFrame::sent($s);

        return $sent !== null && ($apart($sent) || array_filter(
            $s->said(W::Sends, W::Gets, W::Advertising, W::Vague, W::Carrier, W::Subscribes, W::Adds, W::Contact, ...W::means()), $apart
        ) !== []);
    }

    /** Whether somebody's details are used or given away; whoever only carries a parcel uses them for nothing else. */
    private static function gives(Sentence $s): bool
    {
        return $s->has(W::Uses, W::Passes) && $s->has(W::Details) && ($s->has(W::Outsider) || ! $s->has(W::Processor));
    }

    /** Whether details are used so that somebody gets what they wrote for, and for nothing that advertises. */
    private static function isToAnswer(Sentence $s, Hit $agrees): bool
    {
        $more = $s->all(W::Advertising, W::Vague, W::Carrier, W::Profiles, W::Outsider, ...W::means());

        return $s->has(W::Wanted, W::Contact) && array_filter($more, static fn (Hit $h): bool => $h->from >= $agrees->to) === [];
    }

    /** "You agree that we store your message": it is kept, and nothing is sent. */
    private static function isToKeep(Sentence $s, Hit $agrees): bool
    {
        $behind = static fn (Hit $h): bool => $h->from >= $agrees->to;

        return array_filter($s->all(W::Stores), $behind) !== []
            && array_filter($s->all(W::Sends, W::Gets, W::Advertising, W::Subscribes, W::Passes, W::Outsider, ...W::means()), $behind) === [];
    }

    /** "By pressing “Subscribe”": what stands on the button, with a quote between or none. */
    public static function isRightBehind(Sentence $s, Hit $hit, Hit $act): bool
    {
        return $hit->from === $act->to || (self::isQuoted($s, $hit) && $hit->from > $act->to && $hit->from - $act->to <= 2);
    }

    public static function isQuoted(Sentence $s, Hit $hit): bool
    {
        return ($s->tokens[$hit->from - 1]->form ?? '') === '"' && ($s->tokens[$hit->to]->form ?? '') === '"';
    }

    /** Whether a word of sending is part of what somebody does: "send the form", "your request", "have read the notice". */
    private static function isWithinAct(Sentence $s, Hit $sends): bool
    {
        $around = static fn (Hit $h): bool => count($h->tokens) > count($sends->tokens) && $h->from <= $sends->from && $sends->to <= $h->to;

        $read = static fn (Hit $h): bool => $h->from === $sends->from;

        return array_filter($s->all(W::Does, W::Contact, W::Wanted), $around) !== []
            || ($s->has(W::Notice, W::Terms) && array_filter($s->all(W::Reads), $read) !== []);
    }
}
