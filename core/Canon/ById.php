<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * Things of one kind, found by their ids, in a fixed order.
 *
 * @template-covariant T of object
 */
final readonly class ById
{
    /** @param  array<string, T>  $things */
    private function __construct(private array $things) {}

    /**
     * @template U of object
     *
     * @param  iterable<U>  $things
     * @param  callable(U): (string|Slug)  $id
     * @return self<U> the later of two with one id
     */
    public static function of(iterable $things, callable $id): self
    {
        $by = [];
        foreach ($things as $thing) {
            $by[(string) $id($thing)] = $thing;
        }

        return new self($by);
    }

    /** @return self<never> */
    public static function none(): self
    {
        return new self([]);
    }

    /** @return T|null */
    public function get(string|Slug $id): ?object
    {
        return $this->things[(string) $id] ?? null;
    }

    public function has(string|Slug $id): bool
    {
        return isset($this->things[(string) $id]);
    }

    /** @return list<T> */
    public function all(): array
    {
        return array_values($this->things);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(strval(...), array_keys($this->things));
    }

    /** @return T|null */
    public function first(): ?object
    {
        return $this->all()[0] ?? null;
    }

    public function count(): int
    {
        return count($this->things);
    }

    /**
     * @param  callable(T): bool  $is
     * @return self<T>
     */
    public function filter(callable $is): self
    {
        return new self(array_filter($this->things, $is));
    }

    /**
     * The same with one of them put in its id's place, or added.
     *
     * @template U of object
     *
     * @param  U  $thing
     * @return self<T|U>
     */
    public function with(string|Slug $id, object $thing): self
    {
        return new self([...$this->things, (string) $id => $thing]);
    }

    /** @return self<T> without the one of this id */
    public function drop(string|Slug $id): self
    {
        return new self(array_diff_key($this->things, [(string) $id => true]));
    }

    /**
     * Those whose ids the other has not.
     *
     * @param  self<object>  $other
     * @return self<T>
     */
    public function without(self $other): self
    {
        return new self(array_diff_key($this->things, $other->things));
    }
}
