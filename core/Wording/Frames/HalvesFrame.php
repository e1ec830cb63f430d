<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/**
 * Half of what other frames know: the words of a fault stand beside each other, and how they hang together was not understood. Each is a
 * question for a person, and none of them counts where the whole was found.
 */
final class HalvesFrame implements Frame
{
    /** Words between "about" and what is only spoken of. */
    private const ABOUT = 3;

    /** Words of a no that says more than no. */
    private const MORE = 4;

    public function id(): string
    {
        return 'halves';
    }

    public function meanings(): array
    {
        return [
            Meaning::ActMentioned, Meaning::ThingMentioned, Meaning::NoMentioned, Meaning::EndingDemands, Meaning::NoSaysMore, Meaning::PapersMentioned,
        ];
    }

    public function read(Passage $passage): array
    {
        $ticked = $this->has($passage, W::Ticks, W::Subscribes);
        $free = $this->has($passage, W::Free);
        $senses = [];
        foreach ($passage->sentences as $s) {
            $halves = [
                [Meaning::ActMentioned, $ticked || AnyAct::agreesToPapersAlone($s) ? null : $this->act($s), 'stands beside what is sent'],
                [Meaning::ThingMentioned, $free ? null : $this->thing($s), 'and agreeing hang together somehow'],
                [Meaning::NoMentioned, $this->no($s), 'stands beside what is asked for'],
                [Meaning::EndingDemands, $this->ending($s), 'is said to take something'],
                [Meaning::PapersMentioned, $this->papers($s), 'stands beside agreeing'],
            ];
            foreach ($halves as [$meaning, $hit, $how]) {
                if ($hit !== null) {
                    $words = $passage->hitWords($s, $hit);
                    $senses[] = new Sense($meaning, $words, "“{$words->words}” $how.", false);
                }
            }
        }
        if ($this->saysMore($passage)) {
            $senses[] = new Sense(Meaning::NoSaysMore, $passage->sentenceWords($passage->sentences[0]), 'This no says more than no.', false);
        }

        return $senses;
    }

    private function has(Passage $passage, W ...$classes): bool
    {
        return array_filter($passage->sentences, static fn (Sentence $s): bool => $s->has(...$classes)) !== [];
    }

    /** What a visitor does, or all of them do, in one sentence with what is sent. */
    private function act(Sentence $s): ?Hit
    {
        if ($s->has(W::Free, W::Wants, W::I, W::May)) {
            return null;
        }
        foreach ($s->said(W::Does) as $act) {
            $somebody = $s->inClause($act->clause, W::You) || $s->has(W::Everybody);
            $sent = array_filter(
                $s->said(W::Agrees, W::Adds, W::Advertising, W::Sends, W::Gets, W::Carrier, ...W::means()),
                static fn (Hit $h): bool => $h->to <= $act->from || $h->from >= $act->to
            );
            // "Your consent is requested": it is agreeing that is asked for.
            $asked = array_filter($s->within($act->clause, W::Agrees), static fn (Hit $h): bool => abs($h->from - $act->from) <= self::ABOUT) !== [];
            if ($somebody && ! $asked && $sent !== [] && ! SendingFrame::ends($s, $act->clause) && ! $this->isSpokenOf($s, $act)) {
                return $act;
            }
        }

        return null;
    }

    /** "About your booking", "after each booking": behind a word that leads to it, and not at the beginning. */
    private function isSpokenOf(Sentence $s, Hit $act): bool
    {
        $begin = $s->clauseOf($act)->from;

        return array_filter($s->within($act->clause, W::From, W::Each), static fn (Hit $from): bool => $from->from > $begin && $from->to <= $act->from
            && $act->from - $from->to <= self::ABOUT) !== [];
    }

    /** What one comes for in one clause, agreeing or mails in another, and a word that makes the one hang on the other. */
    private function thing(Sentence $s): ?Hit
    {
        if ($s->has(W::I) || ($s->has(W::Ticks) && ! $s->has(W::Must))) {
            return null;
        }
        $hangs = $s->has(W::Only, W::Must, W::Without, W::Otherwise, W::Unable);
        $opens = static fn (int $n): bool => in_array($s->clauses[$n]->opener, [W::If, W::When, W::Who], true) && ($s->inClause($n, W::You)
            || $s->clauses[$n]->opener === W::Who);
        foreach ($s->all(W::Wanted, W::Does) as $thing) {
            $apart = static fn (Hit $h): bool => $h->from < $thing->from || $h->to > $thing->to;
            if (! $hangs && array_filter($s->within($thing->clause, W::Sends, W::Advertising, W::Rate, W::Ticks, ...W::means()), $apart) !== []) {
                continue;
            }
            foreach (array_keys($s->clauses) as $n) {
                $agrees = ($n !== $thing->clause || $hangs) && $s->inClause($n, W::Agrees, W::Subscribes, W::Yes, W::Advertising, ...W::means())
                    && ! SendingFrame::ends($s, $n) && ! $s->inClause($n, W::Terms, W::Notice);
                if ($agrees && ($hangs || $opens($n) || $opens($thing->clause))) {
                    return $thing;
                }
            }
        }

        return null;
    }

    /** A tick and a no in one sentence, or somebody's own no to what is sent. */
    private function no(Sentence $s): ?Hit
    {
        if ($s->has(W::Misses, W::LeavesEmpty, W::AnyTime, W::NoLonger, W::Free)) {
            return null;
        }
        $no = $s->all(W::Not, W::Refuses)[0] ?? null;
        $own = $no !== null && $s->has(W::I) && $s->has(W::Sends, W::Gets, W::Advertising, W::Adds, ...W::means())
            && ! $s->has(W::May, W::Passes, W::Ends, W::Withdraws, W::Terms, W::Must);

        return $s->says(W::Ticks) || $own ? $no : null;
    }

    /** How it ends, and something that must be done for it, with no easy way beside it. */
    private function ending(Sentence $s): ?Hit
    {
        if (! $s->has(W::Must, W::Only) || $s->has(W::AnyTime, W::Rate, W::Way, W::Tells)) {
            return null;
        }
        $endings = array_filter($s->all(W::Ends, W::Withdraws), static fn (Hit $h): bool => ! SendingFrame::isWithinMore($s, $h));

        return array_values($endings)[0] ?? null;
    }

    private function papers(Sentence $s): ?Hit
    {
        return $s->says(W::Agrees, W::Yes) && ! $s->has(W::According, W::Reads) ? $s->all(W::Terms, W::Notice)[0] ?? null : null;
    }

    /** It begins with a no, and what follows is neither what is sent nor what one came for. */
    private function saysMore(Passage $passage): bool
    {
        $first = $passage->sentences[0] ?? null;
        $no = $first === null ? [] : array_filter($first->all(W::Not, W::Refuses), static fn (Hit $h): bool => $h->from === 0);
        $spoken = static fn (Sentence $s): int => count(array_filter($s->tokens, static fn (Token $t): bool => $t->word));
        $words = $no === [] ? 0 : array_sum(array_map($spoken, $passage->sentences));

        return $no !== [] && $words > self::MORE
            && ! $this->has($passage, W::Sends, W::Ticks, W::Passes, W::Wanted, W::Does, W::Rate, W::Advertising, W::Carrier, ...W::means());
    }
}
