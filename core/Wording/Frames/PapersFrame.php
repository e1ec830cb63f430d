<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Found;
use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Terms, or the privacy notice, are agreed to; a reference to them, and having read the notice, is not that. */
final class PapersFrame implements Frame
{
    /** Words between a paper and that it was read. */
    private const BESIDE = 2;

    /** Tokens of a clause that says no more than "and accept it". */
    private const BRIEF = 8;

    /** Tokens of what opens a list of papers, with its comma. */
    private const FIRST = 5;

    /** Words between agreeing and what is agreed to. */
    private const NEAR = 14;

    public function id(): string
    {
        return 'papers';
    }

    public function meanings(): array
    {
        return [Meaning::TermsAgreed, Meaning::NoticeAgreed, Meaning::NoticeRead];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $terms = $this->agreed($sentence, W::Terms, W::Agrees, W::Reads);
            if ($terms !== null) {
                $senses[] = new Sense(Meaning::TermsAgreed, $this->words($passage, $sentence, $terms), 'Terms are agreed to.');
            }
            // "Our privacy team is happy to help": whoever asks agrees, and nobody else.
            $ours = $sentence->has(W::Self) && ! $sentence->has(W::I, W::You, W::By, W::Yes);
            $notice = $ours || AnswerFrame::isAll($sentence) ? null : $this->agreed($sentence, W::Notice, W::Agrees);
            if ($notice !== null) {
                $senses[] = new Sense(Meaning::NoticeAgreed, $this->words($passage, $sentence, $notice), 'The privacy notice is agreed to.');
            }
            $read = self::isRead($sentence);
            if ($read !== null) {
                $senses[] = new Sense(Meaning::NoticeRead, $this->words($passage, $sentence, $read), 'Somebody confirms to have read the notice.');
            }
        }

        return $senses;
    }

    /** @param  array{Hit, Hit}  $pair */
    private function words(Passage $passage, Sentence $s, array $pair): Found
    {
        return $passage->words($s, min($pair[0]->from, $pair[1]->from), max($pair[0]->to, $pair[1]->to));
    }

    /** @return array{Hit, Hit}|null the paper and how it is agreed to */
    private function agreed(Sentence $s, W $paper, W ...$by): ?array
    {
        foreach ($s->all($paper) as $hit) {
            if (self::isForSending($s, $hit)) {
                continue;
            }
            foreach ($s->said(...$by) as $agree) {
                if (self::isOnlyRead($s, $hit, $agree)) {
                    continue;
                }
                // "I have read it and accept it."
                $next = $agree->clause === $hit->clause + 1 && $s->inClause($hit->clause, W::Reads)
                    && $s->clauseOf($agree)->to - $s->clauseOf($agree)->from <= self::BRIEF
                    && ! $s->inClause($agree->clause, W::Terms, W::Advertising, W::Sends, W::Carrier, W::Vague, ...W::means());
                if ($next) {
                    return [$hit, $agree];
                }
                if (self::isListed($s, $hit, $agree) || self::isFirstOf($s, $hit, $agree)) {
                    return [$hit, $agree];
                }
                if ($agree->clause === $hit->clause && abs($agree->from - $hit->from) <= self::NEAR && ! $this->isApart($s, $hit, $agree)) {
                    return [$hit, $agree];
                }
            }
        }

        return null;
    }

    /**
     * "I have read the privacy notice and want your offers": the person says so in the same breath. "You can read more in it" tells only where
     * something stands, and a sentence of its own that the notice was read makes it known.
     *
     * @return array{Hit, Hit}|null the notice, and that it was read
     */
    private static function isRead(Sentence $s): ?array
    {
        foreach ($s->has(W::Reads) && SendingFrame::sent($s) !== null ? $s->said(W::Notice) : [] as $notice) {
            $processing = array_filter($s->all(W::Processing), static fn (Hit $h): bool => $h->from === $notice->from) !== [];
            foreach ($processing || $s->inClause($notice->clause, W::May) ? [] : $s->said(W::Reads) as $reads) {
                if ($reads->clause === $notice->clause && $s->inClause($reads->clause, W::I)) {
                    return [$notice, $reads];
                }
            }
        }

        return null;
    }

    /** "The processing of my data for the newsletter": what is agreed to is the newsletter. */
    private static function isForSending(Sentence $s, Hit $paper): bool
    {
        $processing = array_filter($s->all(W::Processing), static fn (Hit $h): bool => $h->from === $paper->from) !== [];
        $sent = $s->said(W::Sends, W::Gets, W::Advertising, W::Vague, W::Carrier);

        return $processing && SendingFrame::sent($s) !== null && array_filter($sent, static fn (Hit $h): bool => $h->from >= $paper->to) !== [];
    }

    /** "I accept the terms and have read the notice": what is agreed to stands before, and this is only taken note of. */
    private static function isOnlyRead(Sentence $s, Hit $paper, Hit $agree): bool
    {
        // "Ich stimme den AGB zu": in German they may stand within it.
        $terms = array_filter($s->all(W::Terms), static fn (Hit $h): bool => $h->from >= $agree->from && $h->to <= $paper->from);
        $behind = end($terms);
        $reads = static fn (Hit $h): bool => $behind !== false && $h->from >= $behind->to && $h->from - $paper->to <= self::BESIDE;

        return $behind !== false && array_filter($s->all(W::Reads, W::Confirms), $reads) !== [];
    }

    /** "I accept the terms, the notice and ...", "accept all: terms and notice": a paper by itself between marks, in a list of what is agreed to. */
    private static function isListed(Sentence $s, Hit $paper, Hit $agree): bool
    {
        $clause = $s->clauseOf($paper);
        $begins = $paper->from - $clause->from <= 1 && $clause->opener === null && $agree->clause < $paper->clause;
        for ($n = $agree->clause + 1; $begins && $n < $paper->clause; $n++) {
            $begins = $s->inClause($n, W::Terms, W::Notice);
        }
        if (! $begins || $s->inClause($agree->clause, W::According)) {
            return false;
        }

        return $s->inClause($agree->clause, W::Terms, W::Notice) || ($s->tokens[$s->clauses[$agree->clause + 1]->from - 1]->form ?? '') === ':';
    }

    /** "With the terms, the returns and getting tips I agree": the first of a list between marks that is agreed to at its end, as German does. */
    private static function isFirstOf(Sentence $s, Hit $paper, Hit $agree): bool
    {
        $begins = $paper->clause === 0 && $s->clauses[0]->to - $s->clauses[0]->from <= self::FIRST
            && array_filter($s->within(0, W::By, W::Towards), static fn (Hit $h): bool => $h->from === 0) !== [] && ! $s->inClause(0, W::According);
        $clause = $s->clauseOf($agree);
        $atEnd = $agree->to >= $clause->to - 1;

        return $begins && $agree->clause === 1 && $clause->opener === null && $atEnd && $s->inClause(1, W::Joins);
    }

    /** Whether something else stands between them: what is sent, or that the paper only tells. */
    private function isApart(Sentence $s, Hit $paper, Hit $agree): bool
    {
        [$from, $to] = [min($paper->to, $agree->to), max($paper->from, $agree->from)];
        // German agrees at the end, to all that is joined before.
        if ($agree->from >= $paper->to && array_filter($s->within($paper->clause, W::Joins), static fn (Hit $and): bool => $and->from === $paper->to) !== []) {
            return false;
        }
        $processing = array_filter($s->all(W::Processing), static fn (Hit $h): bool => $h->from === $paper->from) !== [];
        $apart = $processing ? [] : [W::According];
        foreach ($s->within($paper->clause, W::Sends, W::Gets, W::Advertising, ...$apart, ...W::means()) as $between) {
            $near = $between->class === W::According && $between->to <= $paper->from && $paper->from - $between->to <= 3;
            if ($near || ($between->from >= $from && $between->to <= $to)) {
                return true;
            }
        }

        return false;
    }
}
