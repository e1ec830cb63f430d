<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** A box is said to be ticked already. */
final class PresetFrame implements Frame
{
    public function id(): string
    {
        return 'preset';
    }

    public function meanings(): array
    {
        return [Meaning::TickedAlready];
    }

    public function read(Passage $passage): array
    {
        foreach ($passage->sentences as $sentence) {
            $ticked = $sentence->said(W::TickedAlready)[0] ?? null;
            if ($ticked !== null && ! $sentence->inClause($ticked->clause, W::LeavesEmpty)) {
                return [new Sense(Meaning::TickedAlready, $passage->hitWords($sentence, $ticked), 'The box is said to be ticked already.', false)];
            }
        }

        return [];
    }
}
