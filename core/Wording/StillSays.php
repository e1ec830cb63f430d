<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Words\Passage;

/** What stands elsewhere and describes what a statement asked for until now: does it speak of what the statement has come to ask for? */
final class StillSays
{
    /** Whether it speaks of what was asked for before, and of nothing that came in. */
    public static function lags(Language $language, string $old, string $new, string $elsewhere): bool
    {
        $words = static fn (string $text): array => Passage::of($text, $language)->contentWords();
        $came = array_diff($words($new), $words($old));
        $there = $words($elsewhere);

        $shared = array_intersect($there, $words($old));

        // What shares a word or two with it and goes on about something else speaks of something else.
        return $came !== [] && $shared !== [] && 2 * count($shared) >= count($there) && array_intersect($there, $came) === [];
    }
}
