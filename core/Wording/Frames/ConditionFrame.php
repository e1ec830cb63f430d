<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** Consent is demanded for something else, or given for it; or it is said to be free. */
final class ConditionFrame implements Frame
{
    public function id(): string
    {
        return 'condition';
    }

    public function meanings(): array
    {
        return [Meaning::Voluntary, Meaning::Condition, Meaning::TickDemanded, Meaning::Exchange];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $free = $sentence->all(W::Free)[0] ?? null;
            // "Without ticking it your order will not be processed".
            $denied = $free?->from === 0 && $sentence->inClause($free->clause, W::Not) && $sentence->inClause($free->clause, W::Wanted);
            if ($free !== null && ! $denied) {
                $senses[] = new Sense(Meaning::Voluntary, $passage->hitWords($sentence, $free), 'It is said that this is free.');

                continue;
            }
            $demanded = Demand::of($sentence) !== null;
            if ($demanded) {
                $senses[] = new Sense(
                    Meaning::Condition, $passage->sentenceWords($sentence), 'Without agreeing to be written to one does not get what one came for.'
                );
            }
            if (TickDemand::of($sentence) !== null) {
                $senses[] = new Sense(Meaning::TickDemanded, $passage->sentenceWords($sentence), 'Without a tick one does not get what one came for.');
                $demanded = true;
            }
            if ($demanded) {
                continue;
            }
            $exchange = $sentence->said(W::Exchange)[0] ?? Bargain::offered($sentence);
            if ($exchange !== null) {
                $senses[] = new Sense(Meaning::Exchange, $passage->sentenceWords($sentence), 'Agreement is given in exchange for something.');
            }
        }

        return $senses;
    }
}
