<?php

declare(strict_types=1);

namespace Juramen\Screening\Alike;

/** Sorts submissions so that those of one hand stand together. */
final class Groups
{
    /**
     * @param  list<Traits>  $all
     * @return list<list<int>> places in the list: what is like any of a group belongs to it; groups stand by their first, and so do those within
     */
    public static function of(array $all): array
    {
        $group = array_keys($all);
        foreach ($all as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                if ($group[$i] !== $group[$j] && $one->isLike($all[$j])) {
                    [$from, $to] = [max($group[$i], $group[$j]), min($group[$i], $group[$j])];
                    $group = array_map(static fn (int $g): int => $g === $from ? $to : $g, $group);
                }
            }
        }
        $groups = [];
        foreach ($group as $i => $g) {
            $groups[$g][] = $i;
        }

        return array_values($groups);
    }
}
