<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** Data on health, belief and the like (GDPR Art. 9) are used: a person's own, or information about them. */
final class HealthFrame implements Frame
{
    /** Words between a person and what is told of them: "my details on allergies". */
    private const NEAR = 6;

    /** Words of a question that a tick answers. */
    private const SHORT = 10;

    public function id(): string
    {
        return 'health';
    }

    public function meanings(): array
    {
        return [Meaning::HealthUsed];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $n => $sentence) {
            foreach ($sentence->said(W::Health) as $hit) {
                $before = static fn (Hit $h): bool => $hit->from >= $h->to && $hit->from - $h->to <= self::NEAR;
                $own = array_filter($sentence->within($hit->clause, W::I, W::You), $before) !== [];
                // "Because I am ill": a reason that somebody gives is used by whoever writes down that it is one.
                $reason = $sentence->clauseOf($hit)->opener === W::So && $sentence->inClause($hit->clause, W::I);
                $told = $sentence->inClause($hit->clause, W::Tells) && ! $sentence->inClause($hit->clause, W::I);
                // "Do you use a wheelchair? Then tick": what is ticked says it.
                $next = $passage->sentences[$n + 1] ?? null;
                $asked = $sentence->isQuestion() && count($sentence->tokens) <= self::SHORT && $next !== null && $next->says(W::Ticks);
                if ($told || $asked || ($own && ($reason || $sentence->inClause($hit->clause, W::Details) || $sentence->has(W::Uses)))) {
                    $senses[] = new Sense(Meaning::HealthUsed, $passage->hitWords($sentence, $hit), 'What is said of health or belief is used.');

                    break;
                }
            }
        }

        return $senses;
    }
}
