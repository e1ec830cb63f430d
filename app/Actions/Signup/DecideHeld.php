<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Casts\Instants;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\User;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Throwable;

/** A person decides about what screening held. It is carried out a while later; until then it can be undone. */
final class DecideHeld
{
    public function __construct(private readonly HoldSubmission $hold, private readonly DeleteKept $delete, private readonly SystemClock $clock) {}

    /** @return bool false where it is gone, or somebody decided before */
    public function __invoke(int $held, HeldDecision $as, User $by): bool
    {
        $now = Instants::write($this->clock->instant());

        return HeldSubmission::query()->whereKey($held)->whereNull('decided')->where('deleted_at', '>', $now)
            ->update(['decided' => $as->value, 'decided_at' => $now, 'user_id' => $by->id]) === 1;
    }

    /** @return bool false where it was carried out already, or nothing was decided */
    public function undo(int $held): bool
    {
        return HeldSubmission::query()->whereKey($held)->whereNotNull('decided')->update(['decided' => null, 'decided_at' => null, 'user_id' => null]) === 1;
    }

    /** Carries out what can be undone no longer: one that cannot be keeps none of the others. @return int how many were */
    public function carryOut(): int
    {
        $until = Instants::write($this->clock->instant()->plusSeconds(-config()->integer('juramen.screening.undo_seconds')));
        $count = 0;
        $due = HeldSubmission::query()->with(['user', 'edition.point'])->whereNotNull('decided')->where('decided_at', '<=', $until);
        foreach ($due->orderBy('decided_at')->get() as $held) {
            try {
                $count += (int) match ($held->decided) {
                    HeldDecision::Accept => $held->user !== null && $this->hold->release($held, $held->user) !== Released::Gone,
                    default => $held->user !== null && $this->delete->held($held, $held->user),
                };
            } catch (Throwable $e) {
                QuietReport::write($e);
            }
        }

        return $count;
    }
}
