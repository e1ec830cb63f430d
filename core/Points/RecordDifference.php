<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Wording\Difference;

/** What changed between two states of a register's document: place by place, word by word. */
final class RecordDifference
{
    /** @return list<PlaceDifference> */
    public static function between(Document $old, Document $new): array
    {
        $changed = [];
        foreach ($old->differing($new) as $place) {
            $words = Difference::between(self::text($old->at($place)), self::text($new->at($place)));
            if (! $words->isEmpty()) {
                $changed[] = new PlaceDifference($place, $words);
            }
        }

        return $changed;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_array($value) => implode(', ', array_map(self::text(...), $value)),
            is_bool($value) => $value ? 'yes' : 'no',
            default => is_scalar($value) ? (string) $value : '',
        };
    }
}
