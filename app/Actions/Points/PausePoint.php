<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Models\ActKind;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Role;
use App\Models\User;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\Paused;
use Juramen\Consent\Acts\Resumed;

/**
 * Takes a form off the air at once, without waiting for anybody, and puts it on again as it was. Links in mails go on
 * working. A form whose words have a breach by now is not put on again; a mended edition is published instead.
 */
final class PausePoint
{
    private const SHORTEST_REASON = 15;

    private const LONGEST_REASON = 500;

    public function __construct(
        private readonly Append $append,
        private readonly ReviewPublication $review,
        private readonly PublishedForms $published,
        private readonly ActLog $log,
        private readonly SystemClock $clock,
    ) {}

    /** @throws Refused */
    public function __invoke(Point $point, User $officer, bool $on, string $reason): void
    {
        DB::transaction(function () use ($point, $officer, $on, $reason): void {
            $chain = $this->append->hold($point->subject);
            $now = Point::query()->with('current')->whereKey($point->id)->firstOrFail();
            if (($now->paused_at !== null) === $on) {
                return;
            }
            $ground = match (true) {
                $officer->role !== Role::Officer => new Ground(ActRefusal::OfficersPause),
                $now->current === null => new Ground(ActRefusal::NeverPublished),
                mb_strlen($reason) < self::SHORTEST_REASON => new Ground(ActRefusal::PauseReason),
                ! $on => $this->breach($now->current->setRelation('point', $now)),
                default => null,
            };
            if ($ground !== null) {
                throw new Refused($ground);
            }
            $now->update(['paused_at' => $on ? $this->clock->instant() : null]);
            $this->log->write($officer, $on ? ActKind::Paused : ActKind::Resumed, $point->slug);
            $why = [$point->slug, mb_substr($reason, 0, self::LONGEST_REASON), $officer->named()];
            ($this->append)($chain, $on ? new Paused($this->clock->instant(), ...$why) : new Resumed($this->clock->instant(), ...$why));
        }, 3);
        DB::afterCommit(fn () => $this->published->refresh([$point->slug]));
    }

    private function breach(PublishedEdition $edition): ?Ground
    {
        try {
            $says = $this->review->again($edition)->uncovered()->first()?->says();
        } catch (Refused $e) {
            $says = $e->getMessage();
        }

        return $says === null ? null : new Ground(ActRefusal::StillBreached, says: $says);
    }
}
