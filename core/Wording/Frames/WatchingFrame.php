<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass as W;

/** What people open and click is measured, or a profile is made of them. */
final class WatchingFrame implements Frame
{
    public function id(): string
    {
        return 'watching';
    }

    public function meanings(): array
    {
        return [Meaning::Measured, Meaning::Profiled];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $measure = $sentence->said(W::Measures)[0] ?? null;
            if ($measure !== null && $sentence->says(W::Opens)) {
                $senses[] = new Sense(Meaning::Measured, $passage->clauseWords($sentence, $measure->clause), 'It is said that opens or clicks are measured.');
            }
            $profile = $sentence->said(W::Profiles)[0] ?? null;
            if ($profile !== null && $sentence->has(W::I, W::You, W::Uses)) {
                $words = $passage->clauseWords($sentence, $profile->clause);
                $senses[] = new Sense(Meaning::Profiled, $words, 'A profile is made of people, or their behaviour is analysed.');
            }
        }

        return $senses;
    }
}
