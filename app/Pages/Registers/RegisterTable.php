<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Support\Sorting;

/** One of the registers as a table that can be sorted by any of its columns. */
final readonly class RegisterTable
{
    public Sorting $sorting;

    /** @var list<RegisterRow> */
    public array $rows;

    /**
     * @param  string  $name  by which the page's address says how it is sorted
     * @param  list<string>  $columns  the first is the name
     * @param  list<RegisterRow>  $rows
     * @param  mixed  $sort  as the address says
     * @param  bool  $record  whether it is said what is not on record
     */
    public function __construct(
        public string $title, string $name, public array $columns, array $rows, mixed $sort, public bool $record = false
    ) {
        $this->sorting = Sorting::parse($sort, array_map(strval(...), array_keys($columns)), '0', $name);
        $this->rows = $this->sorting->sort($rows, static fn (RegisterRow $row, string $column): string => [$row->name, ...$row->cells][(int) $column] ?? '');
    }
}
