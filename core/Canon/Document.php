<?php

declare(strict_types=1);

namespace Juramen\Canon;

use JsonException;

/**
 * One JSON document as a tree that is read and changed by places. It never changes; every change gives a new one. Items of a list have
 * an "id", by which places find them; a list of plain values is one value.
 */
final readonly class Document
{
    /** @param  array<string, mixed>  $tree */
    private function __construct(private array $tree) {}

    /** @param  array<array-key, mixed>  $tree  as JSON has it */
    public static function from(array $tree): self
    {
        $named = [];
        foreach ($tree as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new self($named);
    }

    /** @throws Refused where it is no JSON object */
    public static function parse(string $json): self
    {
        try {
            $tree = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $tree = null;
        }

        return is_array($tree) ? self::from($tree) : throw Refused::because(DraftRefusal::NotADocument);
    }

    /**
     * Of bytes that must be canonical.
     *
     * @throws InvalidCanonicalData
     */
    public static function canonical(string $bytes): self
    {
        return self::from(CanonicalJson::decode($bytes));
    }

    /** @return array<string, mixed> as JSON has it */
    public function toArray(): array
    {
        return $this->tree;
    }

    /**
     * Its canonical bytes.
     *
     * @throws InvalidCanonicalData where something in it has no canonical form
     */
    public function json(): string
    {
        return CanonicalJson::encode($this->tree);
    }

    /** What stands there; null where nothing does. */
    public function at(Place|string $place): mixed
    {
        $here = $this->tree;
        foreach ((is_string($place) ? Place::parse($place) : $place)->steps as $step) {
            $here = is_array($here) ? $here[self::key($here, $step) ?? ''] ?? null : null;
        }

        return $here;
    }

    /** The text that stands there; empty where none does. */
    public function text(Place|string $place): string
    {
        $text = $this->at($place);

        return is_string($text) ? $text : '';
    }

    /** The whole number that stands there; null where none does. */
    public function number(Place|string $place): ?int
    {
        $number = $this->at($place);

        return is_int($number) ? $number : null;
    }

    /** Whether yes or no stands there; null where neither does. */
    public function flag(Place|string $place): ?bool
    {
        $flag = $this->at($place);

        return is_bool($flag) ? $flag : null;
    }

    /** @return list<string> the texts of a list; other things in it are passed over */
    public function names(Place|string $place): array
    {
        $names = $this->at($place);

        return is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
    }

    /** What lies in a place, as a document of its own; empty where nothing does. */
    public function part(Place|string $place): self
    {
        $part = $this->at($place);

        return self::from(is_array($part) ? $part : []);
    }

    /** @return list<self> the items of a list, each as a document of its own */
    public function items(Place|string $place): array
    {
        $items = $this->at($place);

        return array_values(array_map(self::from(...), is_array($items) ? array_filter($items, is_array(...)) : []));
    }

    /** @return list<string> names of its members */
    public function members(): array
    {
        return array_map(strval(...), array_keys($this->tree));
    }

    /** @return list<string> names or ids of what lies in a place, in order */
    public function within(Place $place): array
    {
        $there = $this->at($place);
        if (! is_array($there)) {
            return [];
        }

        return array_is_list($there)
            ? array_values(array_filter(array_map(static fn (mixed $item): ?string => is_array($item) ? self::idOf($item) : null, $there), is_string(...)))
            : array_map(strval(...), array_keys($there));
    }

    /**
     * @param  mixed  $value  null takes the place away; in a list of items one whose id is not there yet is added
     *
     * @throws Refused where the place lies in something that has no such places
     */
    public function with(Place $place, mixed $value): self
    {
        return self::from(self::set($this->tree, $place->steps, $value));
    }

    public function without(Place $place): self
    {
        return $this->at($place) === null ? $this : $this->with($place, null);
    }

    /** @param  int  $by  how many items down, or up; where there is no room it stays */
    public function moved(Place $item, int $by): self
    {
        $list = $item->up();
        $items = $list === null ? null : $this->at($list);
        if ($list === null || ! is_array($items) || ! array_is_list($items)) {
            throw Refused::because(DraftRefusal::UnknownPlace);
        }
        $from = self::key($items, $item->last()) ?? throw Refused::because(DraftRefusal::UnknownPlace);
        $to = (int) $from + $by;
        if (isset($items[$to])) {
            array_splice($items, $to, 0, array_splice($items, (int) $from, 1));
        }

        return self::from(self::set($this->tree, $list->steps, $items));
    }

    /** The same with some of its members only. */
    public function only(string ...$names): self
    {
        return new self(array_intersect_key($this->tree, array_flip($names)));
    }

    /** @return list<Leaf> in the document's order; of a list of items first their ids, in their order */
    public function leaves(): array
    {
        return self::leavesOf($this->tree, []);
    }

    /** @return list<Place> at which the two differ; of a list whose items come in another order the list's own */
    public function differing(self $other): array
    {
        [$mine, $theirs] = [
            ById::of($this->leaves(), static fn (Leaf $l): string => $l->place->text()),
            ById::of($other->leaves(), static fn (Leaf $l): string => $l->place->text()),
        ];
        $places = [];
        foreach (array_unique([...$theirs->ids(), ...$mine->ids()]) as $text) {
            [$one, $other] = [$mine->get($text), $theirs->get($text)];
            $leaf = $one ?? $other;
            if ($leaf !== null && ! $leaf->equals($one === null ? null : $other)) {
                $places[] = $leaf->place;
            }
        }

        return $places;
    }

    /** Whether they say the same, whatever the order of their members. */
    public function equals(self $other): bool
    {
        return $this->tree == $other->tree && $this->json() === $other->json();
    }

    /**
     * @param  array<array-key, mixed>  $tree
     * @param  list<string>  $steps
     * @return array<array-key, mixed>
     */
    private static function set(array $tree, array $steps, mixed $value): array
    {
        $step = array_shift($steps) ?? '';
        $key = self::key($tree, $step);
        $isList = $tree !== [] && array_is_list($tree);
        if ($key === null && $isList) {
            // A list takes an item whose id is not there yet, and nothing else.
            if ($steps !== [] || ! is_array($value) || self::idOf($value) !== $step) {
                throw Refused::because(DraftRefusal::UnknownPlace);
            }

            return [...$tree, $value];
        }
        $key ??= $step;
        if ($steps !== []) {
            $inner = $tree[$key] ?? [];
            $value = is_array($inner) ? self::set($inner, $steps, $value) : throw Refused::because(DraftRefusal::UnknownPlace);
        }
        if ($value === null) {
            unset($tree[$key]);

            return $isList ? array_values($tree) : $tree;
        }
        $tree[$key] = $value;

        return $tree;
    }

    /**
     * The key under which a step goes on; null where nothing is there.
     *
     * @param  array<array-key, mixed>  $tree
     */
    private static function key(array $tree, string $step): int|string|null
    {
        if ($tree === [] || ! array_is_list($tree)) {
            return array_key_exists($step, $tree) ? $step : null;
        }
        foreach ($tree as $i => $item) {
            if (is_array($item) && self::idOf($item) === $step) {
                return $i;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $item */
    private static function idOf(array $item): ?string
    {
        return is_string($item['id'] ?? null) ? $item['id'] : null;
    }

    /**
     * @param  array<array-key, mixed>  $tree
     * @param  list<string>  $way
     * @return list<Leaf>
     */
    private static function leavesOf(array $tree, array $way): array
    {
        $leaves = [];
        if ($way !== [] && $tree !== [] && array_is_list($tree)) {
            $leaves[] = new Leaf(
                Place::of(...$way), array_map(static fn (mixed $item): ?string => is_array($item) ? self::idOf($item) : null, $tree), isOrder: true
            );
        }
        foreach ($tree as $key => $value) {
            $step = array_is_list($tree) && is_array($value) ? self::idOf($value) ?? (string) $key : (string) $key;
            $plain = ! is_array($value) || ($value !== [] && array_is_list($value) && array_filter($value, is_array(...)) === []);
            array_push($leaves, ...($plain ? [new Leaf(Place::of(...$way, ...[$step]), $value)] : self::leavesOf($value, [...$way, $step])));
        }

        return $leaves;
    }
}
