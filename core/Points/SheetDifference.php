<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Wording\Difference;

/** What changed between two states of a sheet, and of the controller that asks: by part and sentence, word by word. */
final class SheetDifference
{
    /** @return array<int, list<Difference>> part to the sentences that changed */
    public static function between(Sheet $old, Sheet $new, ?Controller $oldAsks = null, ?Controller $newAsks = null): array
    {
        return self::compare(
            [...Sentences::of($old), ...($oldAsks === null ? [] : Sentences::ofController($oldAsks))],
            [...Sentences::of($new), ...($newAsks === null ? [] : Sentences::ofController($newAsks))],
        );
    }

    /**
     * @param  array<string, array{int, string}>  $a  place to part and sentence
     * @param  array<string, array{int, string}>  $b
     * @return array<int, list<Difference>>
     */
    private static function compare(array $a, array $b): array
    {
        $changed = [];
        foreach (array_unique([...array_keys($a), ...array_keys($b)]) as $place) {
            $difference = Difference::between($a[$place][1] ?? '', $b[$place][1] ?? '');
            if (! $difference->isEmpty()) {
                $changed[($b[$place] ?? $a[$place])[0]][] = $difference;
            }
        }
        ksort($changed);

        return $changed;
    }
}
