<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Consent that nobody gave: taken from silence, or told to whoever reads it. */
final class Assumption
{
    /** Words between everybody who agrees and agreeing: "of this service", "and their guests are". */
    private const SUBJECT = 4;

    /** @return Hit|null the words by which consent is assumed; null where it is not */
    public static function of(Sentence $s): ?Hit
    {
        // "We delete your address unless you ticked": what is kept or deleted is sent to nobody.
        if ($s->has(W::Stores) && ! $s->has(W::Advertising, W::Agrees, W::Vague)) {
            return null;
        }
        foreach ($s->all(W::Assumes) as $hit) {
            // "Unless you tell us not to": what stands behind it denies nothing of it, as it does in "silence is no agreement".
            $before = array_filter($s->within($hit->clause, W::Not), static fn (Hit $not): bool => $not->from < $hit->to);
            $denied = $hit->negated && ($before !== [] || ! in_array($s->clauseOf($hit)->opener, [W::Unless, W::If], true));
            if (! $denied && ! self::isSilenceOfOurs($s, $hit) && (SendingFrame::sent($s) !== null || $s->has(W::Agrees, W::Advertising, W::Sends))) {
                return $hit;
            }
        }

        return self::declared($s) ?? self::anyway($s);
    }

    /** "Even if you leave the box empty, we email you our offers". */
    private static function anyway(Sentence $s): ?Hit
    {
        $empty = $s->has(W::Free) ? $s->all(W::LeavesEmpty)[0] ?? null : null;
        $sends = static fn (Hit $h): bool => $empty !== null && $h->from >= $empty->to && ! $h->negated;
        $comes = array_filter($s->said(W::Sends, W::Gets), $sends) !== [] && array_filter($s->said(W::Advertising), $sends) !== [];

        return $comes && SendingFrame::sent($s) !== null && ! $s->has(W::Not, W::Answers, W::Service, W::Ends, W::ByPost, W::May) ? $empty : null;
    }

    /** "We cannot answer you", "advertising is off as long as you do not turn it on": whoever asks is silent, or what is assumed is a no. */
    private static function isSilenceOfOurs(Sentence $s, Hit $assumes): bool
    {
        $answers = static fn (Hit $h): bool => $h->from < $assumes->to && $h->to > $assumes->from;
        $ends = static fn (Hit $h): bool => $h->to <= $assumes->from;

        return array_filter($s->all(W::Answers), $answers) !== [] || array_filter($s->within($assumes->clause, W::Ends), $ends) !== [];
    }

    /** "You agree that we send you information", "as a member you agree", "members agree to get offers": nobody was asked. */
    private static function declared(Sentence $s): ?Hit
    {
        if (! $s->has(W::Agrees)) {
            return null;
        }
        $open = $s->has(W::I, W::May, W::If, W::When, W::Unless, W::Wants, W::Ticks, W::Must, W::Not) || $s->isQuestion() || AnswerFrame::isAll($s);
        $all = array_filter($open ? [] : $s->acting(W::Everybody), static fn (Hit $h): bool => $h->from === 0);
        // "Testers and their guests agree": a clause that names more of them is the same one.
        $named = $all !== [] && ($s->clauses[1] ?? null)?->opener === W::Joins ? $s->within(1, W::Agrees) : [];
        foreach ($open ? [] : [...$s->within(0, W::Agrees), ...$named] as $agrees) {
            $by = array_filter($s->all(W::By), static fn (Hit $h): bool => $h->to <= $agrees->from) !== [];
            $before = static fn (Hit $h): bool => ($h->from === 0 && $h->to === $agrees->from)
                || ($all !== [] && $h->to <= $agrees->from && $agrees->from - $h->to <= self::SUBJECT);
            $behind = static fn (Hit $h): bool => $all !== [] && $h->from === $agrees->to;
            $who = array_filter($s->acting(W::You, W::Everybody), static fn (Hit $h): bool => $before($h) || $behind($h)) !== [];
            // "Testers agree that we write to them".
            $sent = SendingFrame::sent($s) !== null || ($all !== [] && $s->has(W::Self) && $s->has(W::Sends, W::Carrier) && ! $s->has(W::Answers, W::Service));
            // "Users agree to get their invoice by email".
            $due = $s->has(W::Service) && ! $s->has(W::Advertising, W::Vague);
            if (! $by && ! $due && $who && $sent && ($s->has(W::Self) || $all !== [])) {
                return $agrees;
            }
        }

        return null;
    }
}
