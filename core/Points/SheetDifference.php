<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Wording\Difference;

/** What changed between two states of a sheet, and of the controller that asks: by part and sentence, word by word. */
final class SheetDifference
{
    /** @return list<PartDifference> in the order of the parts */
    public static function between(Sheet $old, Sheet $new, ?Controller $oldAsks = null, ?Controller $newAsks = null): array
    {
        return self::compare(
            [...Sentences::of($old), ...($oldAsks === null ? [] : Sentences::ofController($oldAsks))],
            [...Sentences::of($new), ...($newAsks === null ? [] : Sentences::ofController($newAsks))],
        );
    }

    /**
     * @param  list<Sentence>  $before
     * @param  list<Sentence>  $after
     * @return list<PartDifference>
     */
    private static function compare(array $before, array $after): array
    {
        [$old, $new] = [self::byWhat($before), self::byWhat($after)];
        $changed = [];
        foreach ([...$old, ...$new] as $about => $sentence) {
            $words = Difference::between($old[$about]->says ?? '', $new[$about]->says ?? '');
            if (! $words->isEmpty()) {
                $changed[$sentence->part->value][] = $words;
            }
        }
        ksort($changed);

        return array_map(
            static fn (int $part, array $words): PartDifference => new PartDifference(SheetPart::from($part), $words), array_keys($changed), $changed
        );
    }

    /**
     * @param  list<Sentence>  $sentences
     * @return array<string, Sentence>
     */
    private static function byWhat(array $sentences): array
    {
        $by = [];
        foreach ($sentences as $sentence) {
            $by[$sentence->about] = $sentence;
        }

        return $by;
    }
}
