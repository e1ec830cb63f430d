<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/**
 * Whatever it is that somebody does, agreeing to be written to is taken from it: "by giving to our appeal you agree to emails", "when you lend
 * a book you say yes". Which act it is need not be known; what is a clear act itself, or known and looked at by the frame of acts, is none of it.
 */
final class AnyAct
{
    /** Words between what opens an act and subscribing that comes of it; right behind it, subscribing is the act itself. */
    private const APART = 2;

    /** Signing up, and giving details. */
    private const GIVES = [W::Subscribes, W::Details];

    /** What is a clear act itself: a tick, asking for the letter, following a link. */
    private const CLEAR = [W::Ticks, W::Agrees, W::Confirms, W::Way, W::Gets, W::Yes, W::Not, W::Does, W::Sends];

    /** What is agreed to where it is no paper. */
    private const SENT = [
        W::Sends, W::Gets, W::Advertising, W::Carrier, W::Vague, W::Subscribes, W::Contact, W::CallsBack, W::Passes, W::Outsider, W::Uses, W::Profiles,
    ];

    /** "By clicking “Get started” you agree to our terms": behind what agrees stand papers, and nothing that is sent. */
    public static function agreesToPapersAlone(Sentence $s): bool
    {
        $agrees = $s->said(W::Agrees)[0] ?? null;
        $behind = static fn (Hit $h): bool => $h->from > $agrees?->from;
        if ($agrees === null || array_filter($s->all(W::Terms, W::Notice), $behind) === []) {
            return false;
        }

        return array_filter($s->all(...self::SENT, ...W::means()), $behind) === [];
    }

    /** @return Hit|null the act in its words; null where nothing is taken from it */
    public static function of(Sentence $s): ?Hit
    {
        return self::among($s, static fn (Hit $opens, Hit $agrees): bool => ! self::stands($s, $opens, $agrees, ...self::GIVES, ...W::means(), ...self::CLEAR));
    }

    /** @return Hit|null "by signing up", "by giving your number you agree to calls": a clear act where it is for them, and nowhere else */
    public static function bySigningUp(Sentence $s): ?Hit
    {
        $else = [W::Advertising, W::Carrier, ...W::means(), ...self::CLEAR];

        // "By signing up for the event you also sign up for our letter": what comes of it is another.
        return self::among($s, static fn (Hit $opens, Hit $agrees): bool => ($agrees->class !== W::Subscribes || $s->has(W::Also))
            && self::stands($s, $opens, $agrees, ...self::GIVES) && ! self::stands($s, $opens, $agrees, ...$else));
    }

    /** @param  callable(Hit, Hit): bool  $isAct  whether what stands between what opens an act and agreeing is one that is looked for */
    private static function among(Sentence $s, callable $isAct): ?Hit
    {
        if ($s->has(W::I) || ! $s->says(W::Agrees, W::Yes, W::Subscribes) || ! $s->has(W::You, W::Everybody)) {
            return null;
        }
        // "By asking for a valuation": that is the act, and no wish to be written to.
        $by = $s->all(W::By)[0]->to ?? PHP_INT_MIN;
        if (array_filter($s->all(W::Wants), static fn (Hit $h): bool => $h->from < $by || $h->from - $by > 1) !== []) {
            return null;
        }
        foreach ($s->said(W::Agrees, W::Yes, W::Subscribes) as $agrees) {
            $opens = $s->inClause($agrees->clause, W::You, W::Everybody) ? self::opener($s, $agrees) : null;
            if ($opens === null || ! $isAct($opens, $agrees)) {
                continue;
            }
            $behind = static fn (Hit $h): bool => $h->from >= $agrees->from;
            $sent = array_filter($s->said(W::Advertising, W::Carrier, ...W::means()), $behind);
            // "By registering you agree that the sponsor gets your details".
            $given = $s->has(W::Details) && $s->has(W::Outsider) ? array_filter($s->said(W::Passes), $behind) : [];
            if (($sent !== [] || $given !== []) && ActResult::of($s, $opens) !== null) {
                return self::act($s, $opens, $agrees);
            }
        }

        return null;
    }

    /** What opens the act that agreeing comes of: "by", or "when" and "if" with whoever does it; null where nothing does. */
    private static function opener(Sentence $s, Hit $agrees): ?Hit
    {
        $subscribes = $agrees->class === W::Subscribes;
        if ($subscribes && ! self::isSaidTo($s, $agrees)) {
            return null;
        }
        $by = array_filter($s->all(W::By), static fn (Hit $h): bool => $h->to < $agrees->from && ActFrame::isOpening($s, $h));
        // Without a comma, whoever does it is named once more: "when you lend a book you agree".
        $you = array_filter($s->within($agrees->clause, W::You), static fn (Hit $h): bool => $h->from <= $agrees->to);
        $when = array_filter($s->all(W::When, W::If), static fn (Hit $h): bool => $s->clauseOf($h)->opener === $h->class
            && ($h->clause < $agrees->clause ? $s->inClause($h->clause, W::You) : $h->clause === $agrees->clause && count($you) > 1));
        $opens = array_values($by)[0] ?? array_values($when)[0] ?? null;

        return $opens !== null && $agrees->from - $opens->to >= ($subscribes ? self::APART : 0) && ! ActFrame::isAgreement($s, $opens) ? $opens : null;
    }

    /** The act in its words, without whoever agrees by it: "by signing". */
    private static function act(Sentence $s, Hit $opens, Hit $agrees): Hit
    {
        $clause = $s->clauseOf($opens);
        // In Swedish and Danish "by" opens a clause of its own.
        $end = $opens->clause === $agrees->clause || $clause->to === $opens->to ? $agrees->from : $clause->to - (int) ! $s->tokens[$clause->to - 1]->word;
        foreach ($s->within($agrees->clause, W::You) as $who) {
            $end = $who->to === $end && $who->from > $opens->to ? $who->from : $end;
        }

        return new Hit($opens->class, $opens->from, $end, range($opens->from, $end - 1), clause: $opens->clause);
    }

    /** "You subscribe": it is said of whoever is spoken to, who neither may nor must. */
    private static function isSaidTo(Sentence $s, Hit $subscribes): bool
    {
        $also = array_filter($s->within($subscribes->clause, W::Also), static fn (Hit $h): bool => $h->to === $subscribes->from);
        $from = $also === [] ? $subscribes->from : min(array_map(static fn (Hit $h): int => $h->from, $also));
        $beside = static fn (Hit $you): bool => $you->to === $from || $you->from === $subscribes->to;

        return array_filter($s->within($subscribes->clause, W::You), $beside) !== [] && ! $s->inClause($subscribes->clause, W::May, W::Must);
    }

    /** Whether a word of the classes stands between what opens an act and agreeing. */
    private static function stands(Sentence $s, Hit $opens, Hit $agrees, W ...$classes): bool
    {
        $between = static fn (Hit $h): bool => $h->from >= $opens->to && $h->to <= $agrees->from;

        return array_filter($s->all(...$classes), $between) !== [];
    }
}
