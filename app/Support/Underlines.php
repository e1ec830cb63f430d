<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Audit\Note;
use Juramen\Canon\Place;
use Juramen\Wording\Difference;
use Juramen\Wording\Run;
use Juramen\Wording\RunKind;

/** Texts with something marked in them, as HTML: what notes speak of, and what differs. */
final class Underlines
{
    /** @param  list<Note>  $notes  of which those at this place know where in the text their words stand */
    public static function html(string $text, Place $place, array $notes): string
    {
        $spans = [];
        foreach ($notes as $note) {
            if ($note->result->words !== null && $note->result->place()?->equals($place) === true) {
                $spans[] = [$note->result->words->from, $note->result->words->to, $note->result->verdict->value];
            }
        }
        sort($spans);
        [$html, $at] = ['', 0];
        foreach ($spans as [$from, $to, $verdict]) {
            if ($from >= $at && $to <= mb_strlen($text)) {
                $html .= e(mb_substr($text, $at, $from - $at))."<mark class=\"$verdict\">".e(mb_substr($text, $from, $to - $from)).'</mark>';
                $at = $to;
            }
        }

        return $html.e(mb_substr($text, $at));
    }

    public static function difference(Difference $difference): string
    {
        return implode('', array_map(static fn (Run $run): string => match ($run->kind) {
            RunKind::Gone => '<del>'.e($run->words).'</del>',
            RunKind::New => '<ins>'.e($run->words).'</ins>',
            RunKind::Same => e($run->words),
        }, $difference->runs));
    }
}
