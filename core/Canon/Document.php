<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * A document as a tree that is changed by places: "title/de", "fields/0/required". Documents are never changed
 * in place; every change gives a new one.
 */
final class Document
{
    /** @param  array<string, mixed>  $document */
    public static function at(array $document, string $place): mixed
    {
        $here = $document;
        foreach (explode('/', $place) as $step) {
            if (! is_array($here) || ! array_key_exists($step, $here)) {
                return null;
            }
            $here = $here[$step];
        }

        return $here;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  mixed  $value  null takes the place away; later items of a list move up
     * @return array<string, mixed>
     *
     * @throws InvalidDocument where the place lies in something that has no places
     */
    public static function with(array $document, string $place, mixed $value): array
    {
        return self::set($document, explode('/', $place), $value, $place);
    }

    /**
     * @param  array<array-key, mixed>  $tree
     * @param  list<string>  $steps
     * @return array<array-key, mixed>
     */
    private static function set(array $tree, array $steps, mixed $value, string $place): array
    {
        $step = array_shift($steps) ?? '';
        $isList = $tree !== [] && array_is_list($tree);
        if ($isList && ! ctype_digit($step)) {
            throw new InvalidDocument("There is no place \"$place\" in this document.");
        }
        if ($steps === []) {
            if ($value !== null) {
                $tree[$step] = $value;
            } else {
                unset($tree[$step]);
            }

            return $isList ? array_values($tree) : $tree;
        }
        $inner = $tree[$step] ?? [];
        if (! is_array($inner)) {
            throw new InvalidDocument("There is no place \"$place\" in this document.");
        }
        $tree[$step] = self::set($inner, $steps, $value, $place);

        return $tree;
    }

    /**
     * Every value of a document by its place; a list of plain values is one value.
     *
     * @param  array<array-key, mixed>  $tree
     * @return array<string, mixed>
     */
    public static function leaves(array $tree, string $place = ''): array
    {
        $leaves = [];
        foreach ($tree as $key => $value) {
            $here = $place === '' ? (string) $key : "$place/$key";
            $plain = ! is_array($value) || ($value !== [] && array_is_list($value) && array_filter($value, is_array(...)) === []);
            $leaves += $plain ? [$here => $value] : self::leaves($value, $here);
        }

        return $leaves;
    }

    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return list<string> places at which they differ
     */
    public static function differing(array $old, array $new): array
    {
        [$a, $b] = [self::leaves($old), self::leaves($new)];

        return array_values(array_filter(array_unique([...array_keys($b), ...array_keys($a)]), static fn (string $place): bool => ($a[$place] ?? null) !== ($b[$place] ?? null)));
    }
}
