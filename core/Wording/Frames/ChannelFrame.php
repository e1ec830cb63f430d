<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** By which means people are written to; how consent ends is not one of them. */
final class ChannelFrame implements Frame
{
    public function id(): string
    {
        return 'channel';
    }

    private const CHANNELS = [
        'by-email' => ['email'], 'by-sms' => ['sms'], 'by-phone' => ['phone'], 'by-post' => ['post'], 'by-messaging' => ['messaging'],
        'by-any-means' => ['email', 'sms', 'phone'],
    ];

    public function meanings(): array
    {
        return [Meaning::ByChannel, Meaning::ChannelsChosen];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            foreach ($sentence->said(...W::means()) as $hit) {
                foreach ($this->isMeans($sentence, $hit) ? self::CHANNELS[$hit->class->value] ?? [] : [] as $channel) {
                    $senses[] = new Sense(Meaning::ByChannel, $passage->hitWords($sentence, $hit), "By $channel.", true, $channel);
                }
            }
            $choice = $sentence->all(W::Choice)[0] ?? null;
            if ($choice !== null) {
                $senses[] = new Sense(Meaning::ChannelsChosen, $passage->hitWords($sentence, $choice), 'Channels are chosen.');
            }
        }

        return $senses;
    }

    /**
     * "It can be withdrawn, by letter, by email or by phone": the clause to which ways belong that stand one behind the other; their own where they
     * are not listed so.
     */
    private function listedIn(Sentence $s, Hit $hit): int
    {
        $clause = $hit->clause;
        while ($clause > 0 && $s->clauses[$clause]->opener === null && ! $s->inClause($clause, W::I, W::You, W::Self, W::Gets, W::May)) {
            $clause--;
            if (SendingFrame::ends($s, $clause)) {
                break;
            }
        }

        return $clause;
    }

    private function isMeans(Sentence $s, Hit $hit): bool
    {
        // "In writing" is a means, too, in a list of them.
        $means = array_map(static fn (Hit $h): int => $h->from, $s->within($hit->clause, ...W::means()));
        $hard = array_filter($s->within($hit->clause, W::HardWay), static fn (Hit $h): bool => ! in_array($h->from, $means, true));
        if (SendingFrame::ends($s, $hit->clause) || $hard !== [] || $s->inClause($hit->clause, W::Notice)) {
            return false;
        }
        // "I can call that off".
        $off = static fn (Hit $h): bool => $h->from <= $hit->from && $h->to >= $hit->to && count($h->tokens) > 1;
        if (array_filter($s->within($hit->clause, W::Ends, W::Withdraws), $off) !== []) {
            return false;
        }
        // "Keep me posted" is sent by nobody's post.
        foreach ($s->within($hit->clause, ...W::means(), ...$hit->class === W::ByPost ? [W::Sends] : []) as $longer) {
            $around = $longer->from <= $hit->from && $longer->to >= $hit->to && $longer->to - $longer->from > $hit->to - $hit->from;
            if ($around && $longer->class !== $hit->class) {
                return false;
            }
        }
        if (! $s->has(W::Ends, W::Withdraws, W::NoLonger)) {
            return true;
        }
        $listed = $this->listedIn($s, $hit);
        if ($listed < $hit->clause && SendingFrame::ends($s, $listed)) {
            return false;
        }
        // "Withdraw at any time, by email or letter": what stands alone belongs to the ending before it.
        foreach ([$hit->clause, $listed] as $clause) {
            foreach ($s->within($clause, W::Sends, W::Gets, W::May, W::Wants, W::Agrees, W::Advertising, W::Vague) as $sends) {
                if ($sends->to <= $hit->from || $sends->from >= $hit->to || $sends->to - $sends->from > 1) {
                    return true;
                }
            }
        }

        return false;
    }
}
