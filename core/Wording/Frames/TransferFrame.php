<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** Details go to a country outside, and that is to rest on consent (GDPR Art. 49(1)(a)). */
final class TransferFrame implements Frame
{
    public function id(): string
    {
        return 'transfer';
    }

    public function meanings(): array
    {
        return [Meaning::Transferred];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $abroad = $sentence->said(W::Abroad)[0] ?? null;
            $goes = $abroad !== null && ($sentence->says(W::Passes, W::Uses) || $sentence->inClause($abroad->clause, W::Details));
            if ($abroad !== null && $goes && $sentence->has(W::Details, W::Unsafe)) {
                $senses[] = new Sense(Meaning::Transferred, $passage->clauseWords($sentence, $abroad->clause), 'Details go to a country outside.');
            }
        }

        return $senses;
    }
}
