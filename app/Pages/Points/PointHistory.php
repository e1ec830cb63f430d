<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Revision;
use App\Pages\Registers\HistoryRow;
use Illuminate\Database\Eloquent\Collection;
use Juramen\Points\PartDifference;

/** Two revisions of a sheet, compared, with all revisions and editions. */
final readonly class PointHistory
{
    /**
     * @param  list<PartDifference>  $difference
     * @param  list<HistoryRow>  $rows  what was done, the newest first
     * @param  Collection<int, Revision>  $revisions  the newest first
     * @param  Collection<int, PublishedEdition>  $editions  the newest first
     */
    public function __construct(
        public Point $point, public string $name, public int $from, public int $to, public array $difference, public Collection $revisions,
        public array $rows, public Collection $editions
    ) {}
}
