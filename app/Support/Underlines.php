<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Audit\Note;
use Juramen\Audit\Verdict;
use Juramen\Wording\Difference;

/** Texts with something marked in them, as HTML: what notes speak of, and what differs. */
final class Underlines
{
    /** @param  list<Note>  $notes */
    public static function html(string $text, string $place, array $notes): string
    {
        return implode('', array_map(static fn (array $run): string => $run[1] === null ? e($run[0]) : "<mark class=\"{$run[1]->value}\">".e($run[0]).'</mark>', self::runs($text, $place, $notes)));
    }

    public static function difference(Difference $difference): string
    {
        return implode('', array_map(static fn (array $run): string => match ($run[0]) {
            'gone' => '<del>'.e($run[1]).'</del>',
            'new' => '<ins>'.e($run[1]).'</ins>',
            default => e($run[1]),
        }, $difference->runs));
    }

    /**
     * @param  list<Note>  $notes
     * @return list<array{string, Verdict|null}> runs of the text, those that a note speaks of with its verdict
     */
    private static function runs(string $text, string $place, array $notes): array
    {
        $spans = [];
        foreach ($notes as $note) {
            $words = $note->result->words;
            $from = $note->result->where === $place && $words !== null && $words !== '' ? mb_strpos($text, $words) : false;
            if ($from !== false) {
                $spans[] = [$from, $from + mb_strlen($words), $note->result->verdict];
            }
        }
        sort($spans);
        [$runs, $at] = [[], 0];
        foreach ($spans as [$from, $to, $verdict]) {
            if ($from < $at) {
                continue;
            }
            $runs[] = [mb_substr($text, $at, $from - $at), null];
            $runs[] = [mb_substr($text, $from, $to - $from), $verdict];
            $at = $to;
        }
        $runs[] = [mb_substr($text, $at), null];

        return $runs;
    }
}
