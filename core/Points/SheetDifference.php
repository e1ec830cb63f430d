<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Wording\Difference;

/** What changed between two states of a sheet: by part and sentence, word by word. */
final class SheetDifference
{
    /** @return array<int, list<Difference>> part to the sentences that changed */
    public static function between(Sheet $old, Sheet $new): array
    {
        [$a, $b] = [Sentences::of($old), Sentences::of($new)];
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
