<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Wording\Difference;

/** What changed between two states of a register's document: place by place, word by word. */
final class RecordDifference
{
    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return array<string, Difference> place to the words that changed there
     */
    public static function between(array $old, array $new): array
    {
        [$a, $b] = [self::flat($old), self::flat($new)];
        $changed = [];
        foreach (array_unique([...array_keys($b), ...array_keys($a)]) as $place) {
            $difference = Difference::between($a[$place] ?? '', $b[$place] ?? '');
            if (! $difference->isEmpty()) {
                $changed[$place] = $difference;
            }
        }

        return $changed;
    }

    /**
     * @param  array<array-key, mixed>  $tree
     * @return array<string, string>
     */
    private static function flat(array $tree, string $place = ''): array
    {
        if ($tree !== [] && array_is_list($tree) && array_filter($tree, is_array(...)) === []) {
            return [$place => implode(', ', array_map(self::text(...), $tree))];
        }
        $flat = [];
        foreach ($tree as $key => $value) {
            $here = $place === '' ? (string) $key : "$place/$key";
            $flat += is_array($value) ? self::flat($value, $here) : [$here => self::text($value)];
        }

        return $flat;
    }

    private static function text(mixed $value): string
    {
        return is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');
    }
}
