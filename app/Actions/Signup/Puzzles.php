<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Illuminate\Http\Request;
use Juramen\Canon\MacRing;
use Juramen\Points\PuzzleBlock;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;
use Juramen\Screening\Puzzle;
use Juramen\Screening\Puzzled;

/** Puts puzzles to the doubtful, in the language of their page, and says what became of them. */
final class Puzzles
{
    public function __construct(private readonly MacRing $keys) {}

    /** What became of the one that was on the page; one of another page is none. */
    public function state(Request $request, VisitMark $visit): Puzzled
    {
        $sent = static fn (string $name): string => is_string($given = $request->request->all()[$name] ?? null) ? $given : '';
        $token = $sent(PuzzleBlock::TOKEN);
        if ($token === '') {
            return Puzzled::Not;
        }
        $puzzle = Puzzle::open($token, $visit->nonce, $this->keys);
        $solved = $puzzle !== null && ($puzzle->isSolvedBy($token, $sent(PuzzleBlock::SOLUTION))
            || $puzzle->isAnsweredBy($sent(PuzzleBlock::ANSWER), self::words($visit->language)));

        return $solved ? Puzzled::Solved : Puzzled::Left;
    }

    /** @param  int  $risk  in percent */
    public function block(VisitMark $visit, int $risk, Language $language): PuzzleBlock
    {
        $puzzle = Puzzle::put($visit->nonce, $risk);
        $words = self::words($language);

        return new PuzzleBlock($puzzle->seal($this->keys), $puzzle->bits, (string) __('visitor.puzzle.question', [
            'which' => __("visitor.puzzle.which.$puzzle->asked", [], $language->value),
            'words' => implode(', ', array_map(static fn (int $n): string => $words[$n] ?? '', $puzzle->words)),
        ], $language->value), (string) __('visitor.puzzle.working', [], $language->value));
    }

    /** @return list<string> */
    private static function words(Language $language): array
    {
        return explode(' ', (string) __('visitor.puzzle.words', [], $language->value));
    }
}
