<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** Somebody else is to be written to: a friend, whose address is given. */
final class FriendFrame implements Frame
{
    public function id(): string
    {
        return 'friend';
    }

    public function meanings(): array
    {
        return [Meaning::FriendAsked];
    }

    public function read(Passage $passage): array
    {
        foreach ($passage->sentences as $sentence) {
            $friend = $sentence->said(W::Friend)[0] ?? null;
            $asked = $friend !== null && ! $sentence->inClause($friend->clause, W::I) && $sentence->inClause($friend->clause, W::ByEmail, W::Sends);
            if ($friend !== null && ($asked || $sentence->has(W::Details))) {
                return [new Sense(Meaning::FriendAsked, $passage->clauseWords($sentence, $friend->clause), 'Somebody else is to be written to.')];
            }
        }

        return [];
    }
}
