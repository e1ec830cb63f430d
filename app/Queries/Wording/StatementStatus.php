<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\ApprovedEdition;
use App\Models\Record;
use App\Models\RecordState;
use App\Models\Revision;
use App\Support\Tally;
use Juramen\Wording\Statement;

/** A statement with its words as they stand now, its state, where it is in force, and how many people agreed. */
final readonly class StatementStatus
{
    /**
     * @param  Statement  $statement  with everything filled that can be
     * @param  ApprovedEdition|null  $edition  the newest
     * @param  list<string>  $points  that show any edition of it now
     */
    public function __construct(
        public Record $record,
        public Statement $statement,
        public Revision $revision,
        public ?ApprovedEdition $edition,
        public RecordState $state,
        public array $points,
        public Tally $people,
    ) {}
}
