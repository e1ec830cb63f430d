<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** "Guests of the lounge get our offers by email": whoever is there is written to, and nobody is asked. */
final class ToldToAll
{
    /** Tokens of what may stand on a button alone. */
    private const BUTTON = 2;

    /**
     * @param  Sentence|null  $next  what stands right behind it
     * @return Hit|null the words for all of them, or for getting it; null where nothing comes to them, or they are asked
     */
    public static function of(Sentence $s, ?Sentence $next): ?Hit
    {
        if (! $s->says(W::Sends, W::Gets)) {
            return null;
        }
        // Unless they are asked right behind it: "Guests get our offers. Tick here for yours." A button that says "Sign up" asks nothing.
        if (self::asks($s) || ($next !== null && count($next->tokens) > self::BUTTON && self::asks($next))) {
            return null;
        }
        if (! self::advertises($s) || self::saysWhen($s) || $s->has(W::Wants, W::Agrees, W::If, W::Free) || AnnouncedFrame::leavesOpen($s)) {
            return null;
        }
        $gets = $s->said(W::Gets)[0] ?? null;

        // "As a member you get our offers": that is said to whoever reads it.
        $all = array_filter($s->said(W::Everybody), static fn (Hit $h): bool => count($h->tokens) === 1 || ! $s->has(W::You));
        $everybody = array_values($all)[0] ?? null;

        return $everybody ?? ($gets !== null && $gets->from > 0 && self::isOfOthers($s) ? $gets : null);
    }

    /** Whether somebody asks, or is asked, in their own words; "create my account" asks for no mails. */
    private static function asks(Sentence $s): bool
    {
        return $s->has(W::Ticks, W::Subscribes) || ($s->has(W::I) && $s->has(W::Agrees, W::Wants, W::Yes, W::Sends, W::Gets, W::May));
    }

    /** Whether advertising comes by some channel, or a letter: of ours besides ("everybody in the draw also gets our bike letter"), or again and again. */
    private static function advertises(Sentence $s): bool
    {
        $mails = array_map(static fn (Hit $h): int => $h->from, $s->all(...W::means()));
        $letters = array_filter($s->said(W::Carrier), static fn (Hit $h): bool => ! in_array($h->from, $mails, true));
        $besides = $s->has(W::Rate) || ($s->has(W::Also) && $s->has(W::Self));

        if ($s->says(W::Advertising)) {
            return $letters !== [] || $s->says(...W::means());
        }
        // "Everybody who asks gets our piano tips each month by email": a letter of ours, or something else that keeps coming to them.
        $units = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Unit));
        $often = array_filter($s->all(W::Each), static fn (Hit $h): bool => in_array($h->to, $units, true)) !== [];
        $all = array_filter($s->said(W::Everybody), static fn (Hit $h): bool => $h->from === 0) !== [];
        $keeps = $often || $s->has(W::Rate);
        $ours = $s->says(...W::means()) && ($s->has(W::Self) ? $keeps : $often && $all);
        // "Everyone who books a viewing also gets our list each week".
        $ours = $ours || ($all && $keeps && $s->has(W::Also) && $s->has(W::Self));

        // "We email only the one who wins".
        $theOne = $s->has(W::Draw) && $s->has(W::Only);

        return (($letters !== [] && $besides) || $ours) && ! $theOne && ! $s->has(W::Service, W::Answers);
    }

    /** "Då och då" says how often, and not when. */
    private static function saysWhen(Sentence $s): bool
    {
        $rates = $s->all(W::Rate);

        return array_filter($s->all(W::When), static fn (Hit $h): bool => array_filter(
            $rates, static fn (Hit $rate): bool => $rate->from <= $h->from && $rate->to >= $h->to && $rate->to - $rate->from > 1
        ) === []) !== [];
    }

    /** "Registered users receive promotional emails": nobody is spoken to or asked, and it is not those who asked for it already. */
    private static function isOfOthers(Sentence $s): bool
    {
        return $s->acting(W::Self) === [] && ! $s->isQuestion()
            && ! $s->has(W::I, W::You, W::Subscribed, W::Subscribes, W::Must, W::Only, W::Exchange, W::Not, W::Outsider);
    }
}
