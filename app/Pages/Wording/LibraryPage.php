<?php

declare(strict_types=1);

namespace App\Pages\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Library;
use Juramen\Wording\LibraryRow;
use Juramen\Wording\Statement;

/** The library's way out and in: what there is, and, where a file was read, what it would change. */
final readonly class LibraryPage
{
    /** @var list<LibraryRow> for which nothing can be taken */
    public array $faults;

    /** @var list<LibraryRow> */
    public array $changes;

    /** @var list<LibraryRow> that wait for their words */
    public array $empty;

    /**
     * @param  list<Statement>  $statements
     * @param  Library|null  $library  null before a file was read
     */
    public function __construct(public array $statements, public ?Library $library = null, public string $file = '')
    {
        $this->faults = $library?->faults() ?? [];
        $this->changes = $library?->changes() ?? [];
        $this->empty = array_values(array_filter($library->rows ?? [], static fn (LibraryRow $r): bool => $r->isEmpty() && $r->fault === null));
    }

    public function state(): string
    {
        return count($this->statements).' statements, out and in as CSV or JSON';
    }

    public function faultsSaid(): string
    {
        return count($this->faults) === 1 ? '1 text cannot be taken, so nothing is' : count($this->faults).' texts cannot be taken, so nothing is';
    }

    public function changesSaid(): string
    {
        return count($this->changes) === 1 ? '1 text differs' : count($this->changes).' texts differ';
    }

    /** What was read, in a sentence. */
    public function report(): string
    {
        return count($this->library->rows ?? []).' texts read, '.count($this->changes).' differ, '.count($this->empty).' are empty, '
            .count($this->library->missing ?? []).' are not in the file.';
    }

    public function mayBeTaken(): bool
    {
        return $this->faults === [] && $this->changes !== [];
    }

    /** @return list<Language> */
    public function languages(): array
    {
        return Language::cases();
    }
}
