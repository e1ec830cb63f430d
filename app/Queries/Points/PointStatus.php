<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Revision;
use App\Support\OnTheAir;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\Day;
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
     * @param  bool  $inReview  whether it waits for an officer's decision
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
        public ?PublishedEdition $inForce,
        public bool $inReview,
        public Judgement $judgement,
    ) {}

    public function life(Day $today): PointLife
    {
        $inForce = $this->inForce?->edition();

        return match (true) {
            $this->sheet->draft->elsewhere !== '' => PointLife::Elsewhere,
            $inForce === null => $this->inReview ? PointLife::InReview : PointLife::Draft,
            default => match (OnTheAir::of($inForce, $this->point->paused_at !== null, $today)) {
                OnTheAir::Ended => PointLife::Ended,
                OnTheAir::Paused => PointLife::Paused,
                OnTheAir::NotYet => PointLife::NotYet,
                OnTheAir::Open => $this->inReview ? PointLife::InReview : PointLife::InForce,
            },
        };
    }

    /** How much is still to be filled in before it can be published. */
    public function toDo(): int
    {
        return count($this->sheet->toDo()) + count($this->sheet->unaddressed()) + count($this->sheet->deadLinks()) + count($this->sheet->unreachable());
    }

    public function isPaused(): bool
    {
        return $this->point->paused_at !== null;
    }
}
