<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/**
 * A no is asked for: a tick is to be taken away, a tick means no, a box is left empty by whoever wants something, or the statement itself
 * says what the person does not want. To miss nothing, and to want something no longer, is no such no.
 */
final class RefusalFrame implements Frame
{
    private const WISHES = [W::Wants, W::Gets, W::Sends, W::Adds, W::Agrees, W::Uses, W::Subscribes];

    /** Tokens of a sentence that may be no more than "no mails, please". */
    private const TERSE = 12;

    /** Tokens of a question that may be no more than "not your cup of tea?". */
    private const SHORT = 10;

    /** Words between "by" and the tick. */
    private const NEAR = 2;

    /** Tokens of a clause that says no more than "if not,". */
    private const IF_NOT = 3;

    public function id(): string
    {
        return 'refusal';
    }

    public function meanings(): array
    {
        return [Meaning::AsksForNo];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        $sending = null;
        foreach ($passage->sentences as $n => $sentence) {
            $terse = $this->terseNo($sentence);
            $sending ??= $terse === null ? null : array_filter($passage->sentences, static fn (Sentence $s): bool => SendingFrame::sent($s) !== null);
            if ($terse !== null && array_diff_key($sending ?? [], [$n => true]) === []) {
                $senses[] = new Sense(
                    Meaning::AsksForNo, $passage->sentenceWords($sentence), 'It says what the person does not want: agreeing to it is a no.'
                );

                continue;
            }
            foreach ($this->nos($sentence, $passage->sentences[$n - 1] ?? null) as [$hit, $says, $whole]) {
                $senses[] = new Sense(Meaning::AsksForNo, $passage->sentenceWords($sentence), $says, $whole);
            }
        }

        $only = count($passage->sentences) === 1 ? $passage->sentences[0] : null;
        if ($senses === [] && $only !== null && $this->keepsDetails($only)) {
            $senses[] = new Sense(Meaning::AsksForNo, $passage->sentenceWords($only), 'It says what is not to become of details: agreeing to it is a no.');
        }

        return $senses;
    }

    /** "Do not share my details with others", and nothing else: who ticks it says no, and who does not is taken to agree. */
    private function keepsDetails(Sentence $s): bool
    {
        return count($s->clauses) === 1 && $s->clauses[0]->negated && $s->has(W::Passes) && $s->has(W::Details) && $s->has(W::Outsider)
            && ! $s->has(W::Self, W::Sends, W::Adds, W::May, W::Wants) && ($s->has(W::I) || ! $s->has(W::You));
    }

    /** @return list<array{Hit, string, bool}> */
    private function nos(Sentence $s, ?Sentence $before): array
    {
        foreach ($s->all(W::Unticks) as $hit) {
            if (! $this->isAboutLater($s, $hit->clause)) {
                return [[$hit, 'Taking a tick away, or crossing something out, is taken for a no.', true]];
            }
        }
        // Beside a true tick, leaving the box empty is only what everybody may do; where something is denied for it, the tick is a condition.
        foreach ($s->says(W::Ticks) || $s->has(W::Free) || $s->inClause(0, W::Unable) ? [] : $s->all(W::LeavesEmpty) as $hit) {
            $wish = $this->wishBeside($s, $hit);
            if ($wish === true) {
                return [[$hit, 'A box left empty is taken for a yes.', true]];
            }
            if ($wish === false || $s->has(W::Refuses)) {
                return [];
            }
        }
        foreach ($this->ticks($s) as $hit) {
            $behind = $s->within($hit->clause + 1, W::InOrder)[0] ?? null;
            if ($behind !== null && $behind->from === $s->clauses[$hit->clause + 1]->from && $s->inClause($hit->clause + 1, W::Withdraws, W::Refuses)) {
                return [[$hit, 'A tick is taken for a no.', true]];
            }
            if ($s->inClause($hit->clause, W::Withdraws) && ! $s->inClause($hit->clause, W::AnyTime, W::May, W::NoLonger)) {
                return [[$hit, 'A tick is taken for a no.', true]];
            }
            // "You can object, right now by ticking here".
            $by = array_filter($s->all(W::By), static fn (Hit $by): bool => $by->to <= $hit->from && $hit->from - $by->to < self::NEAR);
            if ($by !== [] && $s->has(W::Objects) && ! $s->has(W::Agrees, W::Yes)) {
                return [[$hit, 'A tick is taken for a no.', true]];
            }
            $wish = $this->refuses($s) && ! $s->has(W::LeavesEmpty) ? false : $this->wishBeside($s, $hit);
            if ($wish === false) {
                return [[$hit, 'A tick is taken for a no.', true]];
            }
            if ($wish === null && $before !== null && ($this->isShortNo($before) || $this->isIfNot($s, $hit, $before))) {
                return [[$hit, 'A tick is taken for a no.', true]];
            }
        }
        $unless = $s->all(W::Unless)[0] ?? null;
        $crossed = $unless !== null && $s->inClause($unless->clause, W::Ticks, W::Unticks) && ! $this->isNegatedMain($s, $unless->clause);
        if ($crossed && SendingFrame::sent($s) !== null) {
            return [[$unless, 'Whoever does nothing is taken to agree.', true]];
        }

        return $this->saysNo($s);
    }

    /** "We would like to email you news. If not, tick here", "otherwise tick here": what is ticked is a no to what was said before. */
    private function isIfNot(Sentence $s, Hit $ticks, Sentence $before): bool
    {
        $ahead = $s->clauses[$ticks->clause - 1] ?? null;
        $short = $ahead !== null && $ahead->to - $ahead->from <= self::IF_NOT && $s->inClause($ticks->clause - 1, W::Otherwise, W::Unless);

        return ($short || $s->inClause($ticks->clause, W::Otherwise)) && SendingFrame::sent($before) !== null;
    }

    /** "Do not send me": somebody is asked, and nobody stands before what is asked. */
    private function isAskedOf(Sentence $s, int $clause): bool
    {
        $sends = $s->within($clause, W::Sends, W::Adds)[0] ?? null;
        if ($sends === null || $s->inClause($clause, W::Self, W::May)) {
            return false;
        }
        $before = static fn (Hit $h): bool => $h->clause === $clause && $h->from < $sends->from;

        return array_filter($s->acting(W::I, W::You), $before) === [];
    }

    /** "No cabin mails, thanks", "without newsletter", "unsubscribe from all mails": it counts where nothing else is said that is sent. */
    private function terseNo(Sentence $s): ?Hit
    {
        foreach (count($s->tokens) <= self::TERSE ? $s->all(W::Advertising, W::Carrier, ...W::means()) : [] as $hit) {
            $leaves = $s->inClause($hit->clause, W::Withdraws) && ! $s->has(W::AnyTime, W::Way, W::Rate, W::Each, W::Free, W::Not, W::By);
            // "For me" does nothing.
            $bare = ($leaves || array_filter($s->acting(W::I), static fn (Hit $h): bool => $h->clause === $hit->clause) === [])
                && ! $s->inClause($hit->clause, W::You, W::Self, W::May, W::Must, W::Sends, W::Gets, W::Ticks, W::LeavesEmpty, W::If, W::Passes);
            $near = static fn (Hit $h): bool => $h->to <= $hit->from && $hit->from - $h->to <= 1;
            $without = array_filter($s->within($hit->clause, W::Without), $near) !== [];
            if (($hit->negated || $without || $leaves) && $bare && ! $s->inClause($hit->clause, W::Misses)) {
                return $hit;
            }
        }

        return null;
    }

    /** @return list<Hit> ticks that are asked for; a "not" behind one denies what it is for: "tick in order not to get any" */
    private function ticks(Sentence $s): array
    {
        return array_values(array_filter($s->all(W::Ticks), static function (Hit $tick) use ($s): bool {
            $no = $s->within($tick->clause, W::Not)[0] ?? null;

            return ! $tick->negated || ($no !== null && $no->from > $tick->to);
        }));
    }

    private function refuses(Sentence $s): bool
    {
        foreach ($s->said(W::Refuses) as $hit) {
            $whole = $hit->to - $hit->from > 1;
            if (($whole || ! $this->isAboutLater($s, $hit->clause)) && ! $s->inClause($hit->clause, W::May, W::AnyTime)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The statement itself says what the person does not want.
     *
     * @return list<array{Hit, string, bool}> */
    private function saysNo(Sentence $s): array
    {
        foreach ($s->clauses as $n => $clause) {
            $refuses = $s->within($n, W::Refuses)[0] ?? null;
            // "I can do without mails": the word for what one may belongs to the no.
            $within = static fn (Hit $h): bool => $refuses !== null && $h->from >= $refuses->from && $h->to <= $refuses->to;
            $may = array_filter($s->within($n, W::May), static fn (Hit $h): bool => ! $within($h));
            $whole = $may === [] && $s->inClause($n, W::May);
            $free = array_filter($s->within($n, W::Free), static fn (Hit $h): bool => ! $within($h));
            if (in_array($clause->opener, [W::If, W::Unless, W::When, W::Who], true) || (! $whole && $this->isAboutLater($s, $n)) || self::misses($s, $n)
                // "Is it not for me, a click ends it."
                || $s->inClause($n, W::Until)
                || (($clause->negated || ($n > 0 && $s->inClause($n, W::Refuses))) && $s->inClause($n + 1, W::Ends, W::Withdraws))) {
                continue;
            }
            $main = $s->inClause($n, W::I) || ! $s->inClause($n, W::You, W::Self);
            if ($refuses !== null && ! $this->isDenied($s, $refuses) && $main && $may === [] && $free === [] && ! $s->inClause($n, W::LeavesEmpty, W::Terms)
                && ! $s->has(W::LeavesEmpty, W::AnyTime)) {
                return [[$refuses, 'It says what the person does not want: agreeing to it is a no.', true]];
            }
            if (! $clause->negated || $s->has(W::LeavesEmpty) || $s->within($n, W::Ticks) !== []) {
                continue;
            }
            $wish = $s->within($n, ...self::WISHES)[0] ?? null;
            if ($wish === null) {
                continue;
            }
            $itself = $clause->opener === null || $clause->opener === W::Joins;
            $i = $s->inClause($n, W::I);
            $wants = $s->inClause($n, W::Wants, W::Agrees);
            $imperative = $itself && $this->isAskedOf($s, $n);
            $through = $clause->opener === W::That && $n > 0 && $s->inClause($n - 1, W::I) && $s->inClause($n - 1, W::Wants);
            $passes = $s->inClause($n, W::Passes);
            $wished = $i && $wants && $itself && ! $s->inClause($n, W::Must) && (! $passes || $s->inClause($n, W::Agrees));
            if ($wished || ($imperative && ! $passes) || $through) {
                return [[$wish, 'It says what the person does not want: agreeing to it is a no.', true]];
            }
        }

        return [];
    }

    /** "Miss no offers"; in "I do without mails" somebody misses nothing, and says no. */
    private static function misses(Sentence $s, int $clause): bool
    {
        $refuses = $s->within($clause, W::Refuses);
        $within = static fn (Hit $miss): bool => array_filter($refuses, static fn (Hit $no): bool => $no->from < $miss->from && $no->to >= $miss->to) !== [];

        return array_filter($s->within($clause, W::Misses), static fn (Hit $miss): bool => ! $within($miss)) !== [];
    }

    /** Whether a "not" before a word of refusing denies it; one behind it denies something else: "leave me alone and send no mails". */
    private function isDenied(Sentence $s, Hit $refuses): bool
    {
        $no = $s->within($refuses->clause, W::Not)[0] ?? null;

        return $refuses->negated && ($no === null || $no->from < $refuses->from);
    }

    /** Whether the wish beside a tick is for something (true) or against it (false); null where none stands there. */
    private function wishBeside(Sentence $s, Hit $tick): ?bool
    {
        foreach ([$tick->clause, $tick->clause + 1, $tick->clause - 1] as $n) {
            $clause = $s->clauses[$n] ?? null;
            if ($clause === null || $this->isAboutLater($s, $n)) {
                continue;
            }
            $beside = static fn (Hit $h): bool => $h->from !== $tick->from && ($n !== $tick->clause || $h->from >= $tick->from);
            $wishes = array_filter($s->within($n, ...self::WISHES), $beside);
            if ($s->inClause($n, W::Refuses)) {
                return false;
            }
            if ($wishes === []) {
                continue;
            }
            // "If you do not tick, nothing is sent": what hangs on not ticking says nothing against it.
            $negated = $clause->negated && ! $s->inClause($n, W::Misses);
            if ($n !== $tick->clause && ! in_array($clause->opener, [W::If, W::When, W::So, W::That, W::Unless], true) && $s->clauses[$tick->clause]->negated) {
                continue;
            }

            return ! $negated;
        }

        return null;
    }

    /** "Not for you?", and then what to do. */
    private function isShortNo(Sentence $s): bool
    {
        return count($s->tokens) <= self::SHORT && ($s->has(W::Refuses) || $s->says(W::Not)) && $s->isQuestion();
    }

    private function isNegatedMain(Sentence $s, int $but): bool
    {
        foreach ($s->clauses as $n => $clause) {
            if ($n !== $but && $clause->negated) {
                return true;
            }
        }

        return false;
    }

    /** Whether a clause speaks of ending it later, or of a right. */
    private function isAboutLater(Sentence $s, int $clause): bool
    {
        return $s->inClause($clause, W::NoLonger, W::AnyTime) || ($s->inClause($clause, W::Ends, W::Withdraws) && $s->inClause($clause, W::May, W::Way))
            || ($s->inClause($clause, W::Withdraws) && $s->inClause($clause, W::Agrees) && ! $s->inClause($clause, W::I))
            || ($s->inClause($clause - 1, W::NoLonger) && $s->inClause($clause, W::Way, W::Tells));
    }
}
