<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** People are hurried, threatened with a loss, or shamed for a no. */
final class PressureFrame implements Frame
{
    public function id(): string
    {
        return 'pressure';
    }

    public function meanings(): array
    {
        return [Meaning::Pressed, Meaning::Shamed];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            foreach ($sentence->all(W::Presses) as $presses) {
                if (! SendingFrame::ends($sentence, $presses->clause)) {
                    $senses[] = new Sense(Meaning::Pressed, $passage->hitWords($sentence, $presses), 'People are hurried, or threatened with a loss.');

                    break;
                }
            }
            $shames = array_values(array_filter(
                $sentence->all(W::Shames), static fn (Hit $h): bool => ! $h->negated || ! $sentence->inClause($h->clause, W::Not)
            ))[0] ?? null;
            if ($shames !== null) {
                $senses[] = new Sense(Meaning::Shamed, $passage->hitWords($sentence, $shames), 'A no is made to look foolish.');
            }
        }

        return $senses;
    }
}
