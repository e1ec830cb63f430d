<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Pages\Controls\Option;
use App\Queries\Points\AffectedPoint;
use Juramen\Points\PlaceDifference;

/** What whoever approves looks at: what changes, which published points will show something else, what speaks against it. */
final readonly class ReviewPage
{
    /**
     * @param  int  $next  number of the edition that it would become
     * @param  list<PlaceDifference>  $difference
     * @param  list<AffectedPoint>  $affected
     * @param  bool  $own  whether whoever looks wrote part of it, and four eyes are demanded
     * @param  string  $others  who else can approve it
     * @param  string|null  $writtenBy  who wrote it; null where four eyes are not demanded
     * @param  list<string>  $breaches  in the words, each in a sentence
     * @param  list<Option>  $behind  languages that were not changed while others were
     * @param  list<SaidElsewhere>  $elsewhere  what still says what the words asked for before
     * @param  string|null  $people  how many agreed to the words that are in force, and $peopleLink who
     * @param  string|null  $submitted  when and by whom
     * @param  string|null  $effective  the day from which it would hold, where that can be chosen, and $earliest the first that can be
     * @param  bool  $newer  whether it was changed after it was submitted
     */
    public function __construct(
        public RecordPage $record,
        public int $next,
        public array $difference,
        public array $affected,
        public bool $own,
        public string $others,
        public ?string $writtenBy,
        public array $breaches,
        public array $behind,
        public array $elsewhere,
        public ?string $people,
        public ?string $peopleLink,
        public ?string $submitted,
        public bool $newer,
        public ?string $effective,
        public string $earliest,
    ) {}
}
