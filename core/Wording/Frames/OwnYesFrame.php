<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** "I agree that you email me offers": a yes to advertising, said by whoever reads it. Beside a box it is what the box asks for. */
final class OwnYesFrame implements Frame
{
    /** What makes it something else: a condition, a no, a tick, an answer. */
    private const ELSE = [
        W::If, W::Unless, W::When, W::Without, W::Not, W::Nor, W::Refuses, W::Ticks, W::Unticks, W::Answers, W::Exchange, W::Must,
    ];

    public function id(): string
    {
        return 'own-yes';
    }

    public function meanings(): array
    {
        return [Meaning::YesWritten];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            if ($this->isYes($sentence)) {
                $senses[] = new Sense(
                    Meaning::YesWritten, $passage->sentenceWords($sentence), 'A yes is written down for whoever sends the form, and nobody has given it.'
                );
            }
        }

        return $senses;
    }

    private function isYes(Sentence $s): bool
    {
        if (! $s->has(W::I) || $s->has(...self::ELSE) || SendingFrame::sent($s) === null) {
            return false;
        }
        // "I can end the newsletter" says how it ends.
        $stands = static fn (Hit $h): bool => ! SendingFrame::ends($s, $h->clause);
        $mine = static fn (Hit $h): bool => $stands($h) && $s->inClause($h->clause, W::I);

        return array_filter($s->said(W::Agrees, W::Wants, W::Yes), $mine) !== [] && array_filter($s->all(W::Advertising, W::Carrier), $stands) !== [];
    }
}
