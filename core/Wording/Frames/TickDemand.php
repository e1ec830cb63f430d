<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/**
 * A tick, or the yes that it stands for, that is demanded for something else, where its sentence does not say what it is for: "we can only answer if you
 * tick the box", "we only reply to people who have agreed to our tips".
 */
final class TickDemand
{
    /** Words between "without" and the tick. */
    private const BESIDE = 2;

    /** @return Hit|null the word by which it is demanded; null where nothing does */
    public static function of(Sentence $s): ?Hit
    {
        if ($s->has(W::Terms, W::Notice, W::Age, W::I)) {
            return null;
        }
        if (! $s->has(W::Ticks, W::LeavesEmpty)) {
            return self::agreed($s);
        }

        return self::must($s) ?? Demand::otherwise($s) ?? self::only($s) ?? self::first($s) ?? self::unticked($s) ?? Demand::leftEmpty($s)
            ?? Demand::without($s);
    }

    /** Somebody is answered only if they agreed; not to what their details are used for, without which there is no answer. */
    private static function agreed(Sentence $s): ?Hit
    {
        foreach ($s->has(W::Agrees) && ! $s->has(W::Details, W::Stores) ? $s->said(W::Only) : [] as $only) {
            $who = static fn (Hit $h): bool => $h->clause === $only->clause + 1
                && ! $s->inClause($h->clause, W::By, W::Uses, W::Must, W::May);
            if ($s->inClause($only->clause, W::Self) && $s->inClause($only->clause, ...Demand::CAME_FOR) && array_filter($s->said(W::Agrees), $who) !== []) {
                return $only;
            }
        }

        return null;
    }

    /** "Ticking the box is required to send this form"; to get what the box is for, it has to be ticked. */
    private static function must(Sentence $s): ?Hit
    {
        $thing = $s->has(...Demand::CAME_FOR) && ! $s->has(W::Gets, W::Advertising, W::Subscribes, W::Vague, W::Unticks);
        foreach ($thing ? $s->said(W::Must) : [] as $must) {
            if ($s->inClause($must->clause, W::Ticks)) {
                return $must;
            }
        }

        return null;
    }

    /** "We can only answer if you tick the box", "only requests with a tick are answered". */
    private static function only(Sentence $s): ?Hit
    {
        foreach ($s->said(W::Only) as $only) {
            $ticked = array_filter($s->said(W::Ticks), static fn (Hit $h): bool => $h->clause > $only->clause);
            if ($ticked !== [] && $s->inClause($only->clause, ...Demand::CAME_FOR) && ! $s->inClause($only->clause, W::Advertising, W::Carrier)) {
                return $only;
            }
            if (! $s->has(W::Advertising, W::Subscribes) && (Demand::isTickedOnly($s, $only) || self::isOfMessages($s, $only))) {
                return $only;
            }
        }

        return null;
    }

    /** "Only messages with the box ticked reach the office". */
    private static function isOfMessages(Sentence $s, Hit $only): bool
    {
        $near = static fn (Hit $h): bool => $h->from >= $only->to && $h->from - $only->to < self::BESIDE;
        $messages = $only->from > 0 ? null : array_values(array_filter($s->said(W::Contact, W::Way, ...Demand::CAME_FOR), $near))[0] ?? null;

        return $messages !== null && array_filter($s->said(W::Ticks), static fn (Hit $h): bool => $h->from >= $messages->to) !== [];
    }

    /** "To send your message, tick the box". */
    private static function first(Sentence $s): ?Hit
    {
        $starts = $s->all(W::InOrder)[0] ?? null;
        $other = [W::Advertising, W::Subscribes, W::Gets, W::Refuses, W::Ends];
        $thing = $starts?->from === 0 && $s->inClause(0, ...Demand::CAME_FOR) && ! $s->inClause(0, ...$other) && ! $s->has(W::Unticks);

        return $thing ? array_values(array_filter($s->said(W::Ticks), static fn (Hit $h): bool => $h->clause > 0))[0] ?? null : null;
    }

    /** "Requests without a tick are not answered", "unticked requests cannot be handled", "if you leave the box empty, we cannot reply". */
    private static function unticked(Sentence $s): ?Hit
    {
        foreach ($s->has(W::Advertising, W::Subscribes) ? [] : self::noTicks($s) as $empty) {
            $behind = static fn (Hit $h): bool => $h->clause === $empty->clause && $h->from >= $empty->to;
            // "Ohne Häkchen ... nicht" is one word for it.
            $not = static fn (Hit $h): bool => $h->from === $empty->from && $h->to > $empty->to;
            $denied = array_filter($s->all(W::Not, W::Unable), $behind) !== [] || array_filter($s->all(W::Must), $not) !== [];
            $there = $denied && $s->inClause($empty->clause, W::Uses, ...Demand::CAME_FOR) && ! $s->inClause($empty->clause, W::Gets);
            $elsewhere = $s->clauseOf($empty)->opener === W::If && array_filter(
                $s->all(W::Unable), static fn (Hit $h): bool => $h->clause !== $empty->clause && $s->inClause($h->clause, ...Demand::CAME_FOR)
            ) !== [];
            if ($there || $elsewhere) {
                return $empty;
            }
        }

        return null;
    }

    /** @return list<Hit> words for a box that is not ticked */
    private static function noTicks(Sentence $s): array
    {
        $ticks = $s->all(W::Ticks);
        // "Tick the box: requests without cannot be handled."
        $without = static fn (Hit $without): bool => array_filter(
            $ticks, static fn (Hit $tick): bool => $tick->to <= $without->from || ($tick->from >= $without->to && $tick->from - $without->to <= self::BESIDE)
        ) !== [];
        // "Les demandes non cochées".
        $refused = array_filter(
            $s->all(W::Refuses), static fn (Hit $no): bool => array_filter($ticks, static fn (Hit $tick): bool => $tick->from === $no->to) !== []
        );

        return [
            ...$s->all(W::LeavesEmpty), ...array_filter($s->all(W::Without), $without), ...$refused,
            // "If you do not tick it".
            ...array_filter($ticks, static fn (Hit $h): bool => $h->negated && $s->clauseOf($h)->opener === W::If),
            // "Untick the box" is asked for, "unticked requests" are spoken of.
            ...array_filter($s->all(W::Unticks), static fn (Hit $h): bool => $h->negated),
        ];
    }
}
