<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Models\Exception as ExceptionRow;
use App\Models\User;
use App\Support\SystemClock;
use DateTimeImmutable;
use Juramen\Audit\Finding;
use Juramen\Canon\Digest;
use Juramen\Consent\Act;

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
     * @param  array<string, ExceptionDraft>  $drafts  by the finding's key
     * @return array<string, Finding> those excepted
     *
     * @throws PublicationRefused where any of them names no breach of this publication, gives no reason or no end
     */
    public function admit(Publication $publication, array $drafts): array
    {
        $today = $this->clock->instant()->utc->setTime(0, 0);
        [$faults, $findings, $uncovered] = [[], [], $publication->uncovered()];
        foreach ($drafts as $key => $draft) {
            $end = DateTimeImmutable::createFromFormat('!Y-m-d', $draft->until) ?: null;
            $fault = match (true) {
                ! isset($uncovered[$key]) => 'There is no such breach on this sheet, so nothing can be excepted there.',
                mb_strlen($draft->reason) < self::SHORTEST_REASON => 'Say in a sentence why this may stay, so that somebody else understands it next year.',
                $end === null || $end->format('Y-m-d') !== $draft->until || $end < $today
                    || $end > $today->modify('+'.self::LONGEST.' days') => 'Say until when, within '.self::LONGEST.' days from today.',
                default => null,
            };
            if ($fault !== null) {
                $faults[$key] = $fault;
            } else {
                $findings[$key] = $uncovered[$key];
            }
        }
        if ($faults !== []) {
            throw new PublicationRefused('An exception cannot be made as it was written. Nothing was published.', $faults);
        }

        return $findings;
    }

    /**
     * Enters them, inside the transaction that publishes the edition.
     *
     * @param  array<string, Finding>  $findings
     * @param  array<string, ExceptionDraft>  $drafts
     */
    public function enter(Publication $publication, Digest $edition, User $officer, array $findings, array $drafts): void
    {
        $now = $this->clock->instant();
        foreach ($findings as $key => $finding) {
            ExceptionRow::query()->create([
                'point_id' => $publication->point->id, 'requirement' => $finding->requirement->id(), 'place' => $finding->place, 'finding' => $finding->digest,
                'reason' => $drafts[$key]->reason, 'until' => $drafts[$key]->until, 'made_by' => $officer->id, 'made_at' => $now,
            ]);
            ($this->append)($publication->point->subject, Act::excepted(
                $now, $publication->point->slug, $edition, $finding->requirement->id(), $finding->place, $finding->digest, $drafts[$key]->reason, $drafts[$key]->until, "user {$officer->id}",
            ));
        }
    }
}
