<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Point;
use App\Models\Revision;
use Juramen\Audit\Finding;
use Juramen\Points\Sheet;
use Juramen\Register\AppliedRule;

/** How a signup point stands. */
final readonly class PointStatus
{
    /**
     * @param  Revision  $revision  the newest
     * @param  int|null  $edition  number of the edition in force; null where it was never published
     * @param  bool  $draft  whether the sheet, or what it takes from the registers, is not what visitors see
     * @param  bool  $changed  whether somebody changed the sheet since, or only the registers are others now
     * @param  int  $unwritten  texts that are still to be written
     * @param  list<Finding>  $uncovered  breaches that no exception covers
     * @param  list<AppliedRule>  $rules  which rule applies, and why
     * @param  int  $signups  in the last thirty days
     */
    public function __construct(
        public Point $point,
        public Sheet $sheet,
        public Revision $revision,
        public ?int $edition,
        public bool $draft,
        public bool $changed,
        public int $breaches,
        public int $weaknesses,
        public int $unwritten,
        public array $uncovered,
        public array $rules,
        public int $signups,
    ) {}

    public function isPaused(): bool
    {
        return $this->point->paused_at !== null;
    }
}
