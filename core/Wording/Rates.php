<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\Words\Vocabulary;

/** How often something comes, as figures that can be compared between languages: numbers and units of the calendar. */
final readonly class Rates
{
    /**
     * @param  list<string>  $numbers  sorted; "1" is left out, since "monthly" says it too
     * @param  list<string>  $units  day, week, month, quarter, season, year, sorted
     */
    private function __construct(public array $numbers, public array $units) {}

    /** Of all that is said of it in a text; null where nothing is, or nothing with a unit. */
    public static function in(string $text, Language $language): ?self
    {
        $said = implode(' ', array_map(
            static fn (Frames\Sense $s): string => mb_substr($text, max(0, $s->words->from - 1), $s->words->to - $s->words->from + 40),
            Understanding::of($text, $language)->all(Meaning::RateGiven)
        ));
        preg_match_all('~[\p{L}\p{N}]+~u', mb_strtolower($said), $words);
        [$numbers, $units] = [[], []];
        foreach (Vocabulary::of($language)->section('calendar') as $line) {
            [$figure, $word] = array_map(trim(...), explode('=', $line, 2));
            $begins = rtrim($word, '*');
            foreach ($words[0] as $said) {
                if ($word === $begins ? $said === $word || $said === "{$word}s" : str_starts_with($said, $begins)) {
                    ctype_digit($figure) ? $numbers[$figure] = true : $units[$figure] = true;
                }
            }
        }
        foreach ($words[0] as $said) {
            if (ctype_digit($said)) {
                $numbers[$said] = true;
            }
        }
        unset($numbers['1']);
        ksort($numbers);
        ksort($units);

        return $units === [] ? null : new self(array_map(strval(...), array_keys($numbers)), array_keys($units));
    }

    public function equals(self $other): bool
    {
        return $this->numbers === $other->numbers && array_intersect($this->units, $other->units) !== [];
    }
}
