<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\DrawnLines;
use App\Models\Role;
use App\Models\User;
use App\Queries\Screening\LinesInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** Puts other lines in force: by an officer, with a reason, from now on. What came before stays as it was decided. */
final class DrawLines
{
    private const LEAST_REASON = 15;

    public function __construct(private readonly LinesInForce $inForce, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where somebody else may draw them, no reason is given, or nothing is another */
    public function __invoke(Lines $lines, Costs $costs, string $reason, User $by): void
    {
        $reason = trim($reason);
        DB::transaction(function () use ($lines, $costs, $reason, $by): void {
            if ($by->role !== Role::Officer) {
                throw Refused::because(ActRefusal::OfficersDrawLines);
            }
            if (mb_strlen($reason) < self::LEAST_REASON || mb_strlen($reason) > 500) {
                throw Refused::because(ActRefusal::LinesWithoutReason);
            }
            if ($lines == $this->inForce->lines() && $costs == $this->inForce->costs()) {
                throw Refused::because(ActRefusal::SameLines);
            }
            DrawnLines::query()->create([
                'puzzle' => $lines->puzzle, 'hold' => $lines->hold, 'refuse' => $lines->refuse, 'lost' => $costs->lost, 'bot' => $costs->bot,
                'reason' => $reason, 'user_id' => $by->id, 'drawn_at' => $this->clock->instant(),
            ]);
            $this->log->write($by, ActKind::DrewLines, '', "$lines->puzzle, $lines->hold, $lines->refuse");
        });
    }
}
