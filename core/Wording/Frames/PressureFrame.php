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
    public const SHAMES = [W::Shames, W::Rather, W::Not, W::Refuses];

    /** What a plain no says besides: what is not to come, a wish, that one has it already, or thanks. */
    private const NEUTRAL = [
        W::Not, W::Refuses, W::Sends, W::Gets, W::Passes, W::Ticks, W::Carrier, W::Advertising, W::Without, W::Subscribed, W::Subscribes, W::Account, W::Login,
        W::Wants, W::May, W::Must, W::Agrees, W::Yes, W::AnyTime, W::Terms, W::Notice, W::ByEmail, W::BySms, W::ByPhone, W::ByPost, W::Does, W::Self, W::You,
    ];

    /** Words and marks at least of what somebody says of themselves. */
    private const SAID = 3;

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
            $shames ??= $this->shamedChoice($sentence) ?? $this->shamedSelf($sentence);
            if ($shames !== null) {
                $senses[] = new Sense(Meaning::Shamed, $passage->hitWords($sentence, $shames), 'A no is made to look foolish.');
            }
        }

        return $senses;
    }

    /** "No, cardboard tastes good to me": a no, a comma, and what somebody says of themselves, which is no reason and no other wish. */
    private function shamedSelf(Sentence $s): ?Hit
    {
        $no = $s->all(W::Not, W::Refuses)[0] ?? null;
        $next = $s->clauses[1] ?? null;
        if ($no === null || $no->from > 0 || $next === null || ($s->tokens[$next->from - 1]->form ?? '') !== ',' || $next->from > self::NEAR) {
            return null;
        }
        $neutral = $s->inClause(1, ...self::NEUTRAL) || $next->to - $next->from < self::SAID || count($s->clauses) > 2;

        return ! $neutral && $s->inClause(1, W::I) ? $s->within(1, W::I)[0] : null;
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
