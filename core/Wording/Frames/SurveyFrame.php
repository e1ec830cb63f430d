<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** People are asked what they think besides: "send me the diary, and take me into your surveys". An invitation to one, and nothing else, is no second. */
final class SurveyFrame implements Frame
{
    /** Words between the "and" and being asked: "and regularly take part". */
    private const NEAR = 3;

    public function id(): string
    {
        return 'survey';
    }

    public function meanings(): array
    {
        return [Meaning::Surveyed];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            foreach ($sentence->said(W::TakesPart) as $asked) {
                if ($this->isBesides($sentence, $asked)) {
                    $senses[] = new Sense(Meaning::Surveyed, $passage->hitWords($sentence, $asked), 'People are asked what they think.');

                    break;
                }
            }
        }

        return $senses;
    }

    /** Whether something is sent as well, with an "and" or a comma between the two. */
    private function isBesides(Sentence $s, Hit $asked): bool
    {
        $sent = $s->said(W::Sends, W::Gets, W::Subscribes, W::Advertising, W::Carrier, ...W::means());
        foreach ($s->all(W::Joins) as $and) {
            // "Email me and ask me to take part" sends nothing besides.
            $asks = array_filter($s->all(W::Sends), static fn (Hit $h): bool => $h->from >= $and->to && $h->to <= $asked->from) !== [];
            $before = ! $asks && $and->to <= $asked->from && $asked->from - $and->to <= self::NEAR;
            $behind = $and->from >= $asked->to && $and->from - $asked->to <= self::NEAR;
            $other = array_filter($sent, static fn (Hit $h): bool => $before ? $h->to <= $and->from : $h->from >= $and->to);
            if (($before || $behind) && $other !== []) {
                return true;
            }
        }

        return false;
    }
}
