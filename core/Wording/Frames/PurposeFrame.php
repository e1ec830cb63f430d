<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Found;
use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Names;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** What is sent or done is named, or only spoken of in words that fit anything. */
final class PurposeFrame implements Frame
{
    /** Words between a confirmation and what is confirmed. */
    private const BESIDE = 3;

    /** Words that may tie such words together, and how many of them. */
    private const TIES = [W::Little, W::Joins, W::That, W::Who, W::May, W::You, W::I, W::Wants, W::Self];

    private const TIED = 4;

    /** Words of what comes that are shown. */
    private const SHOWN = 4;

    /** Words of sentences in which somebody does or may do something, or that are of what stands around a form. */
    private const DOING = [
        W::I, W::You, W::Self, W::They, W::Wants, W::May, W::Must, W::Sends, W::Gets, W::Ends, W::Withdraws, W::Agrees, W::Confirms, W::Uses,
        W::Passes, W::Terms, W::Notice, W::Details, W::Free, W::Not, W::If, W::When, W::Ticks, W::Presses,
    ];

    public function id(): string
    {
        return 'purpose';
    }

    public function meanings(): array
    {
        return [Meaning::PurposeNamed, Meaning::PurposeGeneral, Meaning::ThingListed];
    }

    public function read(Passage $passage): array
    {
        $general = null;
        foreach ($passage->sentences as $sentence) {
            $vague = $general === null && ! SendingFrame::isOfTrade($sentence) && ! self::isConfirmation($sentence) ? $this->vague($sentence) : null;
            if ($vague !== null && ! SendingFrame::ends($sentence, $vague->clause)) {
                $general = $passage->words($sentence, $vague->from, $this->run($sentence, $vague));
            }
        }
        $named = $this->named($passage, $general !== null);
        foreach ($named === [] ? (new WatchingFrame)->read($passage) : [] as $watched) {
            $named[] = $watched->words;
        }
        $senses = [];
        if ($named !== []) {
            $words = implode(', ', array_unique(array_map(static fn (Found $f): string => $f->words, $named)));
            $senses[] = new Sense(Meaning::PurposeNamed, $named[0], "What comes: $words.", true, $words);
        }
        if ($general !== null) {
            $senses[] = new Sense(Meaning::PurposeGeneral, $general, "“{$general->words}” fits anything.");
        }
        foreach ($this->listed($passage) as $thing) {
            $senses[] = new Sense(Meaning::ThingListed, $thing, "One of several things that come: “{$thing->words}”.");
        }

        return $senses;
    }

    /** @return list<Found> the things of the first list of them: words of what comes with a comma or an "and" between */
    private function listed(Passage $passage): array
    {
        foreach ($passage->sentences as $sentence) {
            if (! SendingFrame::sent($sentence) instanceof Hit) {
                continue;
            }
            $joins = array_fill_keys(array_merge(...array_map(static fn (Hit $h): array => $h->tokens, $sentence->all(W::Joins))), true);
            [$things, $last] = [[], null];
            foreach (Content::of($sentence, $passage) as $i) {
                $between = $last === null ? [] : range($last + 1, max($last + 1, $i - 1));
                $apart = array_filter($between, static fn (int $at): bool => $at < $i && (isset($joins[$at]) || $sentence->tokens[$at]->form === ',')) !== [];
                if ($last === null || $apart) {
                    $things[] = $i;
                }
                $last = $i;
            }
            if (count($things) > 1) {
                return array_map(static fn (int $i): Found => $passage->words($sentence, $i, $i + 1), $things);
            }
        }

        return [];
    }

    /**
     * What is said of what comes, by sentences in which something does. A sentence in which nothing comes says it where it stands before them and
     * they say nothing themselves ("Concerts in May. Tell me by email"), and the first where nothing comes in any. When a house is open says nothing of it.
     *
     * @param  bool  $vaguely  whether words that fit anything say it already: then what stands before must be ours ("Our concerts begin!"), or have
     *                         such a word beside it ("Sewing tips?")
     * @return list<Found>
     */
    private function named(Passage $passage, bool $vaguely): array
    {
        [$named, $before, $spoken] = [[], [], false];
        $tells = static fn (Sentence $s): bool => ! $vaguely || $s->has(W::Self);
        foreach ($passage->sentences as $n => $sentence) {
            if (SendingFrame::isOfTrade($sentence) || self::isConfirmation($sentence)) {
                continue;
            }
            $speaks = $sentence->has(W::Sends, W::Gets, W::Subscribes, W::Advertising, W::Carrier, W::Rate, ...W::means())
                || ($sentence->has(W::Unit) && $sentence->has(W::Each, W::Per)) || $this->tellsWhat($sentence);
            $spoken = $spoken || ($speaks && ! $this->onlyEnds($sentence));
            if ($speaks) {
                array_push($named, ...$this->words($passage, $sentence));
            } elseif (! $spoken && ($tells($sentence) || $sentence->has(W::Vague))) {
                $before[$n] = $sentence;
            }
            if (count($named) >= self::SHOWN) {
                break;
            }
        }
        if ($named !== []) {
            return array_slice($named, 0, self::SHOWN);
        }

        $list = $vaguely || $spoken ? array_filter($passage->sentences, fn (Sentence $s): bool => $this->isList($s, $passage)) : [];
        if ($list !== []) {
            return $this->words($passage, reset($list));
        }

        $before = $spoken ? array_values($before) : array_filter(isset($before[0]) ? [$before[0]] : [], $tells);

        return array_slice(array_merge([], ...array_map(fn (Sentence $s): array => $this->words($passage, $s), $before)), 0, self::SHOWN);
    }

    /** "Stop by the link in any email you get": what comes is said before or behind it. */
    private function onlyEnds(Sentence $s): bool
    {
        return ! $s->has(W::Advertising, W::Carrier) && array_filter(array_keys($s->clauses), static fn (int $n): bool => SendingFrame::ends($s, $n)) !== [];
    }

    /** "Newsletter", and on a line of its own "New teas, recipes and walks": things with a comma or an "and" between, and nobody who does anything. */
    private function isList(Sentence $s, Passage $passage): bool
    {
        if ($s->isQuestion() || $s->has(...self::DOING) || Names::in($s, $passage->vocabulary) !== []) {
            return false;
        }
        $nouns = $passage->vocabulary->section('nouns') !== [];
        $things = array_filter(Content::of($s, $passage), static fn (int $i): bool => ! $nouns || $s->tokens[$i]->capital);
        $marks = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Joins));
        foreach ($s->tokens as $i => $token) {
            if ($token->form === ',' || in_array($i, $marks, true)) {
                $before = array_filter($things, static fn (int $thing): bool => $thing < $i);
                if ($before !== [] && count($before) < count($things)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "We will send you an email to confirm your subscription": it says nothing of what is subscribed to. */
    private static function isConfirmation(Sentence $s): bool
    {
        $subscribed = $s->all(W::Subscribes);

        return $subscribed !== [] && array_filter($s->all(W::Confirms), static fn (Hit $h): bool => $h->to <= $subscribed[0]->from
            && $subscribed[0]->from - $h->to <= self::BESIDE) !== [] && ! $s->has(W::Advertising, W::Carrier);
    }

    /** "What we grind, and what people bake of it." */
    private function tellsWhat(Sentence $s): bool
    {
        return array_filter($s->all(W::What), static fn (Hit $h): bool => $h->from === 0) !== [] && ! $s->isQuestion()
            && ! $s->has(W::Details, W::Uses);
    }

    /** @return list<Found> the first words of a sentence that say what comes, each once */
    private function words(Passage $passage, Sentence $sentence): array
    {
        $tokens = [];
        foreach (Content::of($sentence, $passage) as $i) {
            $tokens[$sentence->tokens[$i]->form] ??= $i;
        }

        return array_map(
            static fn (int $i): Found => $passage->words($sentence, $i, $i + 1), array_slice(array_values($tokens), 0, self::SHOWN)
        );
    }

    /** The first words that fit anything; "selected" before partners speaks of them, and not of what comes. */
    private function vague(Sentence $s): ?Hit
    {
        foreach ($s->all(W::Vague, W::Advertising) as $hit) {
            $does = $hit->class === W::Vague
                && array_filter($s->within($hit->clause, W::Sends, W::Gets), static fn (Hit $d): bool => $d->from === $hit->from) !== [];
            if (! $does) {
                return $hit;
            }
        }

        return null;
    }

    /** Behind the last of the words that say as little and hang together with it: "exclusive news and offers that may interest you". */
    private function run(Sentence $s, Hit $vague): int
    {
        [$kinds, $end] = [[], $vague->to];
        foreach ($s->hits as $hit) {
            foreach ($hit->tokens as $i) {
                $kinds[$i][] = $hit->class;
            }
        }
        for ($i = $vague->to, $n = count($s->tokens); $i < $n && $i - $end < self::TIED; $i++) {
            $classes = $kinds[$i] ?? [];
            if (array_intersect(array_map(static fn (W $c): string => $c->value, $classes), ['vague', 'advertising', 'price']) !== []) {
                $end = $i + 1;
            } elseif (array_filter($classes, static fn (W $c): bool => in_array($c, self::TIES, true)) === [] && $s->tokens[$i]->form !== ',') {
                break;
            }
        }

        return $end;
    }
}
