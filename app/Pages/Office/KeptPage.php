<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Support\Sorting;
use Illuminate\Contracts\Support\Htmlable;

/** What somebody sent and is kept for some days. */
final readonly class KeptPage
{
    /**
     * @param  string  $state  how much of it there is, in words
     * @param  list<KeptRow>  $rows
     */
    public function __construct(
        public string $state, public int $days, public array $rows, public string $csv, public Htmlable $pages,
        public Sorting $sorting
    ) {}
}
