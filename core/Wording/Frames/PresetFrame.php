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
        $found = $passage->find(W::TickedAlready);

        return $found === null ? [] : [new Sense(Meaning::TickedAlready, $found, 'The box is said to be ticked already.', false)];
    }
}
