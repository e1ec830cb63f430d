<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Words that lawyers say to each other, and a no of a no. */
final class StyleFrame implements Frame
{
    public function id(): string
    {
        return 'style';
    }

    public function meanings(): array
    {
        return [Meaning::Legalese, Meaning::DoubleNo];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        $legalese = $passage->find(W::Legalese);
        if ($legalese !== null) {
            $senses[] = new Sense(Meaning::Legalese, $legalese, "“{$legalese->words}” is what lawyers say to each other.");
        }
        foreach ($passage->sentences as $sentence) {
            $no = $sentence->all(W::DoubleNo)[0] ?? null;
            [$from, $to] = $no === null ? $this->doubled($sentence) : [$no->from, $no->to];
            if ($to > 0) {
                $words = $passage->words($sentence, $from, $to);
                $senses[] = new Sense(Meaning::DoubleNo, $words, "“{$words->words}” says no twice.");
            }
        }

        return $senses;
    }

    /**
     * "I do not want that you send me none": the tokens from the first no to behind the second; twice 0 where there are none.
     *
     * @return array{int, int}
     */
    private function doubled(Sentence $s): array
    {
        foreach ($s->clauses as $n => $clause) {
            $next = $s->clauses[$n + 1] ?? null;
            if ($next !== null && $clause->negated && $next->negated && $next->opener === W::That && $s->inClause($n, W::Wants, W::Agrees)
                && $s->inClause($n + 1, W::Not)) {
                return [$s->within($n, W::Not)[0]->from ?? $clause->from, $s->within($n + 1, W::Not)[0]->to ?? $next->to];
            }
        }

        return [0, 0];
    }
}
