<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** What something is said to include or to mean, whatever it is: being written to comes with it, and nobody is asked. */
final class Inclusion
{
    /** Words between "means" and "we": a mark and "that". */
    private const THAT_WE = 2;

    /** The word by which it is said; null where nothing includes anything. */
    public static function of(Sentence $s): ?Hit
    {
        return self::includes($s) ?? self::meansThatWeWrite($s);
    }

    /** "Registration includes a subscription to our letter", "your account comes with our weekly email". */
    private static function includes(Sentence $s): ?Hit
    {
        $means = ! $s->has(W::Signifies) || $s->has(W::I, W::Wants, W::Ticks, W::May, W::If) ? null : $s->said(W::Signifies)[0] ?? null;
        // "You agree to": what somebody does, and not what anything includes.
        $agrees = static fn (Hit $h): bool => $means !== null && $h->from < $means->to && $h->to > $means->from;
        if ($means === null || array_filter($s->all(W::Agrees), $agrees) !== []) {
            return null;
        }
        $ours = $s->has(W::Self) && $s->has(W::Rate) && ! $s->has(W::Service);
        $subscribes = $s->has(W::Carrier, W::Advertising) ? $s->said(W::Subscribes) : [];
        $before = ($subscribes ?: ($ours ? $s->said(W::Advertising, W::Carrier, W::ByEmail) : []))[0]->from ?? 0;

        return array_filter($s->said(W::Wanted, W::Does), static fn (Hit $h): bool => $h->to <= $before) !== [] ? $means : null;
    }

    /** "Joining means that we text you about classes": whatever it is that means so. */
    private static function meansThatWeWrite(Sentence $s): ?Hit
    {
        if ($s->has(W::I, W::Ticks, W::Subscribes, W::May, W::If, W::When, W::Service, W::Answers, W::CallsBack, W::Not) || $s->isQuestion()) {
            return null;
        }
        foreach ($s->said(W::Signifies) as $means) {
            $we = array_filter($s->acting(W::Self), static fn (Hit $h): bool => $h->from >= $means->to && $h->from - $means->to <= self::THAT_WE);
            if ($means->from > 0 && $we !== [] && self::weWriteBehind($s, $means)) {
                return $means;
            }
        }

        return null;
    }

    /** Whether behind something we write to somebody with advertising, or about what is ours: "your question", and "your ticket", are theirs. */
    private static function weWriteBehind(Sentence $s, Hit $what): bool
    {
        $behind = static fn (Hit $h): bool => $h->from >= $what->to;
        $yours = array_map(static fn (Hit $h): int => $h->from, $s->all(W::You));
        $whose = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Whose));
        $about = static fn (Hit $h): bool => $behind($h) && ! in_array($h->from, $whose, true) && ! in_array($h->to, $yours, true);

        return array_filter($s->said(W::Sends), $behind) !== [] && array_filter($s->all(W::You), $behind) !== []
            && ($s->has(W::Advertising) || array_filter($s->all(W::From), $about) !== []);
    }
}
