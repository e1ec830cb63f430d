<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
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
     * @param  array<string, mixed>  $document
     * @return array<string, string>
     */
    private static function flat(array $document): array
    {
        return array_map(static fn (mixed $value): string => is_array($value) ? implode(', ', array_map(self::text(...), $value)) : self::text($value), Document::leaves($document));
    }

    private static function text(mixed $value): string
    {
        return is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');
    }
}
