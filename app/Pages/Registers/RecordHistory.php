<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\ApprovedEdition;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\Revision;
use App\Pages\Controls\Option;
use Illuminate\Database\Eloquent\Collection;
use Juramen\Points\PlaceDifference;
use Juramen\Wording\Difference;

/** Two states or languages of a record, compared, with everything that became of it. */
final readonly class RecordHistory
{
    /**
     * @param  list<Option>  $from  states to compare from
     * @param  list<Option>  $to
     * @param  string  $said  the two states in words
     * @param  list<PlaceDifference>  $difference
     * @param  list<Option>  $left  languages to compare; none where it has not two
     * @param  list<Option>  $right
     * @param  Difference|null  $languages  between two languages, where two are chosen
     * @param  list<HistoryRow>  $rows  what was done, the newest first
     * @param  Collection<int, Revision>  $revisions
     * @param  Collection<int, ApprovedEdition>  $editions
     * @param  Collection<int, Proposal>  $proposals
     */
    public function __construct(
        public Record $record,
        public string $title,
        public array $from,
        public array $to,
        public string $said,
        public string $newer,
        public array $difference,
        public array $left,
        public array $right,
        public string $languagesSaid,
        public ?Difference $languages,
        public Collection $revisions,
        public array $rows,
        public Collection $editions,
        public Collection $proposals,
    ) {}
}
