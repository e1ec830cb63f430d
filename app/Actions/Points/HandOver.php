<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Registers\Propose;
use App\Models\Point;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;

/** Whoever drafted a sheet and may not publish it hands it over to the officers; they publish it, or send it back with a reply. */
final class HandOver
{
    public function __construct(private readonly ReviewPublication $review, private readonly Propose $propose) {}

    /** @throws Refused where visitors see exactly this already */
    public function __invoke(Point $point, User $by, string $comment): void
    {
        DB::transaction(function () use ($point, $by, $comment): void {
            $publication = $this->review->newest(Point::query()->with('record')->whereKey($point->id)->firstOrFail());
            if (! $publication->differs()) {
                throw Refused::because(ActRefusal::NothingToHandOver);
            }
            $this->propose->submit($point->record, $by, $comment);
        }, 3);
    }

    /** @throws Refused where nobody handed it over, or no reply says what is to be changed */
    public function back(Point $point, User $officer, string $reply): void
    {
        if ($officer->role !== Role::Officer) {
            throw Refused::because(ActRefusal::OfficersReturn);
        }
        $this->propose->return($point->record, $officer, $reply);
    }

    public function takeBack(Point $point, User $by): void
    {
        $this->propose->takeBack($point->record, $by);
    }
}
