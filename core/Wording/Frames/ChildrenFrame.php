<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/** Children are spoken to; a parent or an age is spoken of. */
final class ChildrenFrame implements Frame
{
    /** Years from which on nobody is a child (UN Convention on the Rights of the Child, Art. 1). */
    private const GROWN = 18;

    /** Words of an address to somebody: "Hey young sailors!" */
    private const SHORT = 6;

    /** Years that an age which is asked for comes to at most. */
    private const OLDEST_ASKED = 21;

    private const MONEY = '~^(?:[€£$]|pounds?|euros?|dollars?|kronor|kroner|kr|francs?|franken)$~';

    /** Words behind whom it is for: "years", "–10". */
    private const BEHIND = 2;

    public function id(): string
    {
        return 'children';
    }

    public function meanings(): array
    {
        return [Meaning::OfferedToChildren, Meaning::ParentAsked];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            foreach ($sentence->all(W::Child, W::ForChildren, W::Young) as $child) {
                $named = match ($child->class) {
                    W::ForChildren => ! $sentence->inClause($child->clause, W::I, W::Parent), W::Young => self::isSaidFirst($sentence, $child),
                    default => false,
                };
                $ages = self::ages($sentence, $child);
                if ($ages !== [] && max($ages) >= self::GROWN) {
                    continue;
                }
                $range = count($ages) > 1 && self::isFor($sentence, $child);
                if ($named || $range || $this->isSpokenTo($sentence, $child) || self::isOfAge($sentence, $child)) {
                    $senses[] = new Sense(Meaning::OfferedToChildren, $passage->clauseWords($sentence, $child->clause), 'Children are spoken to.');

                    break;
                }
            }
            $asked = static fn (Hit $h): bool => ! self::isTheirs($sentence, $h) && ! self::isSum($sentence, $h);
            $parent = array_values(array_filter($sentence->all(W::Parent, W::Age), $asked))[0] ?? null;
            // That a parent can stop it asks none of them beforehand.
            if ($parent !== null && ! $sentence->inClause($parent->clause, W::Ends, W::Withdraws)) {
                $senses[] = new Sense(Meaning::ParentAsked, $passage->hitWords($sentence, $parent), 'A parent or an age is spoken of.');
            }
        }

        return $senses;
    }

    /** "For members under 13": what is said first, and by itself or before a colon; not who goes free. */
    private static function isSaidFirst(Sentence $s, Hit $young): bool
    {
        if ($young->from !== $s->clauseOf($young)->from || $s->has(W::I, W::Parent, W::Not, W::Nor, W::Must, W::Unable)) {
            return false;
        }
        $behind = array_map(static fn (Token $t): string => $t->form, array_slice($s->tokens, $young->to, self::BEHIND + 1));
        $end = array_key_first(array_filter($behind, static fn (string $form): bool => in_array($form, ['.', '!', '?', ':'], true))) ?? count($behind);

        return $end <= self::BEHIND && ! in_array(',', array_slice($behind, 0, $end), true);
    }

    /** @return list<int> years that are named in its words */
    private static function ages(Sentence $s, Hit $child): array
    {
        $numbers = array_filter($child->tokens, static fn (int $i): bool => $s->tokens[$i]->isNumber());

        return array_values(array_map(static fn (int $i): int => (int) $s->tokens[$i]->form, $numbers));
    }

    /** "For explorers aged 8 to 12": near the beginning of a clause, which speaks of no parent. */
    private static function isFor(Sentence $s, Hit $child): bool
    {
        return ! $s->inClause($child->clause, W::Parent, W::I, W::Sends, W::Advertising)
            && $child->from - $s->clauseOf($child)->from <= self::SHORT;
    }

    /** "For children from 6 to 11 years": whom it is for. */
    private static function isOfAge(Sentence $s, Hit $child): bool
    {
        if ($s->inClause($child->clause, W::Parent, W::I)) {
            return false;
        }
        if (self::rangeBehind($s, $child)) {
            return true;
        }

        return ! $s->inClause($child->clause, W::Sends) && array_filter(
            $s->all(W::Age, W::Child), static fn (Hit $age): bool => $age->from >= $child->to && $age->from - $child->to <= self::SHORT
                && ($age->class === W::Age || array_filter($age->tokens, static fn (int $i): bool => $s->tokens[$i]->isNumber()) !== [])
        ) !== [];
    }

    /** "Girls and boys of 8 to 12": two ages behind those whom it is for, and no sum of money. */
    private static function rangeBehind(Sentence $s, Hit $child): bool
    {
        for ($at = $child->to; $at <= $child->to + 1; $at++) {
            [$from, $to] = [$s->tokens[$at] ?? null, $s->tokens[$at + 2] ?? null];
            if ($from?->isNumber() === true && $to?->isNumber() === true && (int) $from->form < (int) $to->form && (int) $to->form < self::GROWN) {
                return preg_match(self::MONEY, $s->tokens[$at + 3]->form ?? '') !== 1;
            }
        }

        return false;
    }

    /** "Free delivery over 40 pounds": a number that is no age. */
    private static function isSum(Sentence $s, Hit $age): bool
    {
        $ages = self::ages($s, $age);

        return $age->class === W::Age && $ages !== []
            && (min($ages) > self::OLDEST_ASKED || preg_match(self::MONEY, $s->tokens[$age->to]->form ?? '') === 1);
    }

    /** Whether an age says whom it is for, and asks nobody. */
    private static function isTheirs(Sentence $s, Hit $hit): bool
    {
        return $hit->class === W::Age && array_filter(
            $s->all(W::Child, W::Young), static fn (Hit $child): bool => self::isOfAge($s, $child) || ($child->from <= $hit->from && $hit->to <= $child->to)
        ) !== [];
    }

    private function isSpokenTo(Sentence $s, Hit $child): bool
    {
        $clause = $s->clauses[$child->clause];
        $behind = $s->tokens[$clause->to - 1]->form;
        $short = $clause->to - $clause->from <= self::SHORT && in_array($behind, ['!', '?', ',', ':', '–'], true);
        // "Under" in "under twelve" leads to nobody.
        $from = array_filter($s->within($child->clause, W::From), static fn (Hit $h): bool => $h->from < $child->from || $h->to > $child->to) !== [];
        $mine = $s->inClause($child->clause, W::I, W::Self, W::Sends, W::Rate, W::Advertising)
            || ($from && ! $s->inClause($child->clause + 1, W::You, W::Details));

        $spoken = $s->inClause($child->clause, W::You) && ! $from && ! $s->inClause($child->clause, W::Parent, W::I, W::Advertising);

        return ($short && ! $mine && $child->clause <= 1) || ($spoken && $child->from - $clause->from <= self::SHORT);
    }
}
