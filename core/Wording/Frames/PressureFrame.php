<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** People are hurried, threatened with a loss, or shamed for a no. */
final class PressureFrame implements Frame
{
    /** Of one of these every sentence has a word that shames. */
    public const SHAMES = [W::Shames, W::Rather];

    /** Words between a no and what is liked better. */
    private const NEAR = 4;

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
            // "Give it to others" shames nobody; "no, leave it to others" does.
            $shames = $sentence->has(W::Passes, W::Details) && ! $sentence->has(W::Not, W::Refuses) ? null : $shames;
            $shames ??= $this->shamedChoice($sentence);
            if ($shames !== null) {
                $senses[] = new Sense(Meaning::Shamed, $passage->hitWords($sentence, $shames), 'A no is made to look foolish.');
            }
        }

        return $senses;
    }

    /** "No, I prefer to eat badly": a no, a comma, and what somebody likes better, which is not being left alone. */
    private function shamedChoice(Sentence $s): ?Hit
    {
        foreach ($s->all(W::Rather) as $rather) {
            $no = array_filter($s->all(W::Not, W::Refuses), static fn (Hit $h): bool => $h->to <= $rather->from && $rather->from - $h->to <= self::NEAR
                && ($s->tokens[$h->to]->form ?? '') === ',');
            $alone = array_filter(
                $s->all(W::Not, W::Refuses, W::Sends, W::Gets, W::Passes, W::Ticks, W::Carrier, W::Advertising, ...W::means()),
                static fn (Hit $h): bool => $h->from >= $rather->from
            );
            if ($no !== [] && $alone === [] && count($s->tokens) > $rather->to) {
                return $rather;
            }
        }

        return null;
    }
}
