<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Advertising is said to come, and nobody is asked: "you will also receive our newsletter". */
final class AnnouncedFrame implements Frame
{
    /** What asks, leaves open, or speaks of its end. */
    private const ASKS = [
        W::I, W::Wants, W::If, W::Unless, W::Agrees, W::Ticks, W::Subscribes, W::Refuses, W::Ends, W::Withdraws, W::Not, W::Must, W::Processor, W::Friend,
    ];

    public function id(): string
    {
        return 'announced';
    }

    public function meanings(): array
    {
        return [Meaning::Announced];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $said = $this->announced($sentence);
            if ($said !== null) {
                $words = $passage->sentenceWords($sentence);
                $senses[] = new Sense(Meaning::Announced, $words, 'Advertising is said to come, and nobody is asked.');
            }
        }

        return $senses;
    }

    private function announced(Sentence $s): ?Hit
    {
        if ($s->isQuestion() || self::asks($s) || ! $s->has(W::You) || self::leavesOpen($s)) {
            return null;
        }
        // A word that sends by itself ("contact you") says nothing of what.
        foreach ($s->said(W::Advertising, W::Vague) as $what) {
            $sends = array_filter($s->said(W::Sends, W::Gets), static fn (Hit $h): bool => $h->from !== $what->from);
            if ($sends !== []) {
                return $what;
            }
        }

        return null;
    }

    private static function asks(Sentence $s): bool
    {
        // "Gladly we send you news": whoever sends it is glad, and asks nobody.
        $sends = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Sends));
        $glad = static fn (Hit $h): bool => $h->class === W::Wants && $h->from === 0 && in_array($h->to, $sends, true);

        return array_filter($s->all(...self::ASKS), static fn (Hit $h): bool => ! $glad($h)) !== [];
    }

    /** "You may get": what Swedish has one word for is told by it. */
    public static function leavesOpen(Sentence $s): bool
    {
        $gets = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Gets));

        return array_filter($s->all(W::May), static fn (Hit $may): bool => ! in_array($may->from, $gets, true)) !== [];
    }
}
