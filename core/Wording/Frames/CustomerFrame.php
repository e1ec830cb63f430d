<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** Own goods like those that were bought, after a sale (the rule for existing customers). */
final class CustomerFrame implements Frame
{
    public function id(): string
    {
        return 'customer';
    }

    public function meanings(): array
    {
        return [Meaning::SimilarGoods];
    }

    public function read(Passage $passage): array
    {
        $found = $passage->find(W::Similar);

        return $found === null ? []
            : [new Sense(Meaning::SimilarGoods, $found, 'Own goods like those that were bought are meant.', $passage->speaksOf(W::Sale))];
    }
}
