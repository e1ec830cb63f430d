<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * Brings two people's changes to one document together: what only one of them changed is taken from that one, what both
 * changed differently is a conflict and keeps theirs. Items of lists are the same item by their id or value, so that moving
 * and removing do not disturb changes to others.
 */
final class Merge
{
    /** @var list<Conflict> */
    private array $conflicts = [];

    /** @param  Document  $base  what both began from */
    public static function of(Document $base, Document $mine, Document $theirs): Merged
    {
        $merge = new self;
        $merged = Document::from($merge->maps($base->toArray(), $mine->toArray(), $theirs->toArray(), []));

        return new Merged($merged, $merge->conflicts);
    }

    /** @param  list<string>  $way */
    private function values(mixed $base, mixed $mine, mixed $theirs, array $way): mixed
    {
        if ($mine === $theirs || $mine === $base) {
            return $theirs;
        }
        if ($theirs === $base) {
            return $mine;
        }
        if (is_array($base) && is_array($mine) && is_array($theirs)) {
            return array_is_list($base) && array_is_list($mine) && array_is_list($theirs)
                ? $this->lists($base, $mine, $theirs, $way)
                : $this->maps($base, $mine, $theirs, $way);
        }
        $this->conflicts[] = new Conflict(Place::of(...$way), $mine, $theirs);

        return $theirs;
    }

    /**
     * @param  array<array-key, mixed>  $base
     * @param  array<array-key, mixed>  $mine
     * @param  array<array-key, mixed>  $theirs
     * @param  list<string>  $way
     * @return array<array-key, mixed>
     */
    private function maps(array $base, array $mine, array $theirs, array $way): array
    {
        $merged = [];
        foreach (array_unique([...array_keys($theirs), ...array_keys($mine)]) as $key) {
            $value = $this->values($base[$key] ?? null, $mine[$key] ?? null, $theirs[$key] ?? null, [...$way, (string) $key]);
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
     * @param  list<string>  $way
     * @return list<mixed>
     */
    private function lists(array $base, array $mine, array $theirs, array $way): array
    {
        [$b, $m, $t] = [self::named($base), self::named($mine), self::named($theirs)];
        // Whoever moved something decides on the order; where both did, theirs stays.
        $order = array_keys(array_keys(array_intersect_key($b, $t)) === array_keys(array_intersect_key($t, $b)) ? $m : $t);
        $merged = [];
        foreach (array_unique([...$order, ...array_keys($t), ...array_keys($m)]) as $name) {
            $value = $this->values($b[$name] ?? null, $m[$name] ?? null, $t[$name] ?? null, [...$way, ltrim($name, '=')]);
            if ($value !== null) {
                $merged[] = $value;
            }
        }

        return $merged;
    }

    /**
     * @param  list<mixed>  $list
     * @return array<string, mixed> an item with an id by that, another by its value
     */
    private static function named(array $list): array
    {
        $named = [];
        foreach ($list as $item) {
            $id = is_array($item) ? $item['id'] ?? null : null;
            $named['='.(is_string($id) ? $id : (is_string($item) ? $item : substr(hash('sha256', (string) json_encode($item)), 0, 16)))] = $item;
        }

        return $named;
    }
}
