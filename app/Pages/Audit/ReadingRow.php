<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** One reading in the history of a form. */
final readonly class ReadingRow
{
    /** @param  string  $fault  why it could not be read; empty where it was */
    public function __construct(public int $id, public string $at, public string $by, public string $how, public bool $changed, public string $fault) {}
}
