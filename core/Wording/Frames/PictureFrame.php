<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Found;
use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** "Photos of me may be shown on the website": pictures of somebody, or of their child, go out to anybody. */
final class PictureFrame implements Frame
{
    /** Whom they show. */
    private const SHOWN = [W::I, W::You, W::Child, W::Parent];

    /** By what it is left to somebody to say yes. */
    private const LEFT = [W::May, W::Agrees, W::Wants, W::Yes];

    /** Words between the "and" and the word that shows: "and my photo in its advertising show". */
    private const NEAR = 6;

    public function id(): string
    {
        return 'pictures';
    }

    public function meanings(): array
    {
        return [Meaning::Pictured];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $shows = $this->shows($sentence);
            if ($shows !== null) {
                $words = self::behindSending($sentence, $passage, $shows) ?? $passage->clauseWords($sentence, $shows->clause);
                $senses[] = new Sense(Meaning::Pictured, $words, 'Pictures of people are shown to anybody.');
            }
        }

        return $senses;
    }

    /** "You may email me your news and show my photo": of the clause, what is behind the "and". */
    private static function behindSending(Sentence $s, Passage $passage, Hit $shows): ?Found
    {
        $clause = $s->clauseOf($shows);
        foreach ($s->within($shows->clause, W::Sends) as $sends) {
            foreach ($s->within($shows->clause, W::Joins) as $and) {
                if ($sends->from < $and->from && $and->to <= $shows->from && $shows->from - $and->to <= self::NEAR) {
                    return $passage->words($s, $and->to, $clause->to);
                }
            }
        }

        return null;
    }

    /** "I confirm that I may publish these photos" is about rights of the person. */
    private function shows(Sentence $s): ?Hit
    {
        // "Email me the diary and publish my photos": somebody asks for it.
        $asks = $s->has(W::I) && array_filter($s->said(W::Sends), static fn (Hit $h): bool => $h->from === 0) !== [];
        if (! $s->has(W::Picture) || ! $s->has(...self::SHOWN) || ! ($asks || $s->has(...self::LEFT)) || $s->has(W::Confirms)) {
            return null;
        }

        return $s->said(W::Publishes)[0] ?? null;
    }
}
