<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Models\AcceptedFinding;
use App\Models\User;
use App\Support\SystemClock;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Ground;
use Juramen\Consent\Acts\Excepted;

/**
 * Accepts breaches for a while, never without a reason and an end, and only together with the publication that they allow. An
 * exception covers what was found as it was found: where that changes, it no longer holds.
 */
final class ExceptFindings
{
    /** Days for which an exception may hold at most. */
    private const LONGEST = 180;

    private const SHORTEST_REASON = 15;

    public function __construct(private readonly Append $append, private readonly SystemClock $clock) {}

    /**
     * @param  list<ExceptionDraft>  $drafts
     * @return list<AdmittedException>
     *
     * @throws PublicationRefused where any of them names no breach of this publication, gives no reason or no end
     */
    public function admit(Publication $publication, array $drafts): array
    {
        [$faults, $admitted, $uncovered] = [[], [], $publication->uncovered()];
        foreach ($drafts as $draft) {
            $finding = $uncovered->get($draft->key);
            $ground = match (true) {
                $finding === null => new Ground(ActRefusal::NoSuchBreach),
                mb_strlen($draft->reason) < self::SHORTEST_REASON => new Ground(ActRefusal::ExceptionReason),
                ! $this->isEnd($draft->until) => new Ground(ActRefusal::ExceptionEnd, most: self::LONGEST),
                default => null,
            };
            if ($ground !== null) {
                $faults[] = new ExceptionFault($draft->key, $ground);
            } elseif ($finding !== null) {
                $admitted[] = new AdmittedException($finding, $draft);
            }
        }

        return $faults === [] ? $admitted : throw PublicationRefused::forFaults($faults);
    }

    /**
     * Enters them, inside the transaction that publishes the edition.
     */
    public function enter(AdmittedPublication $admitted, Digest $edition, User $officer): void
    {
        $now = $this->clock->instant();
        $publication = $admitted->publication;
        foreach ($admitted->exceptions as $each) {
            [$id, $place] = [$each->finding->requirement->id(), (string) $each->finding->place?->text()];
            AcceptedFinding::query()->create([
                'point_id' => $publication->point->id, 'requirement' => $id, 'place' => $place, 'finding' => $each->finding->digest,
                'reason' => $each->draft->reason, 'until' => $each->draft->until, 'made_by' => $officer->id, 'made_at' => $now,
            ]);
            ($this->append)($admitted->chain, new Excepted(
                $now, $publication->point->slug, $edition, $id, $place, $each->finding->digest, $each->draft->reason, $each->draft->until, $officer->named(),
            ));
        }
    }

    private function isEnd(string $until): bool
    {
        $today = $this->clock->today();
        $end = Day::tryParse($until);

        return $end !== null && ! $today->isAfter($end) && ! $end->isAfter($today->plus(self::LONGEST));
    }
}
