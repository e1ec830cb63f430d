<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * Brings two people's changes to one document together: what only one of them changed is taken from that one, what both
 * changed differently is a conflict and keeps theirs. Items of lists are the same item by their kind, id or value, so
 * that moving and removing do not disturb changes to others.
 */
final class Merge
{
    /** @var list<Conflict> */
    private array $conflicts = [];

    /**
     * @param  array<string, mixed>  $base  what both began from
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $theirs
     * @return array{array<string, mixed>, list<Conflict>}
     */
    public static function of(array $base, array $mine, array $theirs): array
    {
        $merge = new self;
        $merged = $merge->maps($base, $mine, $theirs, '');

        return [$merged, $merge->conflicts];
    }

    private function values(mixed $base, mixed $mine, mixed $theirs, string $place): mixed
    {
        if ($mine === $theirs || $mine === $base) {
            return $theirs;
        }
        if ($theirs === $base) {
            return $mine;
        }
        if (is_array($base) && is_array($mine) && is_array($theirs)) {
            return array_is_list($base) && array_is_list($mine) && array_is_list($theirs)
                ? $this->lists($base, $mine, $theirs, $place)
                : $this->maps($base, $mine, $theirs, $place.'/');
        }
        $this->conflicts[] = new Conflict(trim($place, '/'), $mine, $theirs);

        return $theirs;
    }

    /**
     * @param  array<array-key, mixed>  $base
     * @param  array<array-key, mixed>  $mine
     * @param  array<array-key, mixed>  $theirs
     * @return array<array-key, mixed>
     */
    private function maps(array $base, array $mine, array $theirs, string $place): array
    {
        $merged = [];
        foreach (array_unique([...array_keys($theirs), ...array_keys($mine)]) as $key) {
            $value = $this->values($base[$key] ?? null, $mine[$key] ?? null, $theirs[$key] ?? null, $place.$key);
            if ($value !== null) {
                $merged[$key] = $value;
            }
        }

        return $merged;
    }

    /**
     * @param  list<mixed>  $base
     * @param  list<mixed>  $mine
     * @param  list<mixed>  $theirs
     * @return list<mixed>
     */
    private function lists(array $base, array $mine, array $theirs, string $place): array
    {
        [$b, $m, $t] = [self::named($base), self::named($mine), self::named($theirs)];
        // Whoever moved something decides on the order; where both did, theirs stays.
        $order = array_keys(array_keys($b) === array_keys(array_intersect_key($t, $b)) ? $m : $t);
        $merged = [];
        foreach (array_unique([...$order, ...array_keys($t), ...array_keys($m)]) as $name) {
            $index = array_search($name, array_keys($b), true);
            $value = $this->values($b[$name] ?? null, $m[$name] ?? null, $t[$name] ?? null, $place.'/'.($index === false ? $name : $index));
            if ($value !== null) {
                $merged[] = $value;
            }
        }

        return $merged;
    }

    /**
     * @param  list<mixed>  $list
     * @return array<string, mixed>
     */
    private static function named(array $list): array
    {
        $named = [];
        foreach ($list as $item) {
            $name = is_array($item) ? ($item['id'] ?? $item['kind'] ?? json_encode($item)) : json_encode($item);
            $named['='.(is_string($name) ? $name : '')] = $item;
        }

        return $named;
    }
}
