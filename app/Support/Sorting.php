<?php

declare(strict_types=1);

namespace App\Support;

use Collator;

/** By which column a table stands in order, as its address says: "name", or "-name" for the other way round. */
final readonly class Sorting
{
    private function __construct(public string $column, public bool $down, public string $parameter) {}

    /**
     * @param  mixed  $given  from the address; what makes no sense sorts as the table does by itself
     * @param  list<string>  $columns  that it can be sorted by
     * @param  string  $default  such as "-made"
     * @param  string  $parameter  of the address; others where several tables stand on a page
     */
    public static function parse(mixed $given, array $columns, string $default, string $parameter = 'sort'): self
    {
        $given = is_string($given) && in_array(ltrim($given, '-'), $columns, true) ? $given : $default;

        return new self(ltrim($given, '-'), str_starts_with($given, '-'), $parameter);
    }

    /** What the heading of a column leads to: that column, or the other way round. */
    public function next(string $column): string
    {
        return $column === $this->column && ! $this->down ? "-$column" : $column;
    }

    /** As it stands in an address. */
    public function text(): string
    {
        return ($this->down ? '-' : '').$this->column;
    }

    /** What a heading says of its column; null where the table is sorted by another. */
    public function aria(string $column): ?string
    {
        return $column === $this->column ? ($this->down ? 'descending' : 'ascending') : null;
    }

    public function direction(): string
    {
        return $this->down ? 'desc' : 'asc';
    }

    /**
     * @template T
     *
     * @param  list<T>  $rows
     * @param  callable(T, string): (string|int)  $value  of a row in a column; texts are compared as people do, figures in them as numbers
     * @return list<T> rows that are alike stay as they stood
     */
    public function sort(array $rows, callable $value): array
    {
        $collator = new Collator('en');
        $collator->setAttribute(Collator::NUMERIC_COLLATION, Collator::ON);
        $keyed = array_map(fn (mixed $row): array => [$value($row, $this->column), $row], $rows);
        usort($keyed, function (array $a, array $b) use ($collator): int {
            $order = is_int($a[0]) && is_int($b[0]) ? $a[0] <=> $b[0] : (int) $collator->compare((string) $a[0], (string) $b[0]);

            return $this->down ? -$order : $order;
        });

        return array_column($keyed, 1);
    }
}
