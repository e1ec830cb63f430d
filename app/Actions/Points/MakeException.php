<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Models\Exception as ExceptionRow;
use App\Models\Point;
use App\Models\User;
use App\Support\SystemClock;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Act;

/** Accepts a finding for a while: never without a reason and an end. */
final class MakeException
{
    /** Days for which an exception may hold at most. */
    private const LONGEST = 180;

    public function __construct(private readonly Append $append, private readonly SystemClock $clock) {}

    /**
     * @param  array<array-key, mixed>  $reasons  key of a note to what was written; empty ones are left alone
     * @param  array<array-key, mixed>  $ends  key of a note to a date like 2026-12-31
     * @return array<string, string> what is wrong, by the note's key; where anything is, nothing is made
     */
    public function fromReview(Point $point, User $officer, array $reasons, array $ends): array
    {
        [$faults, $rows] = [[], []];
        $today = $this->clock->instant()->utc->setTime(0, 0);
        foreach ($reasons as $key => $reason) {
            $reason = is_string($reason) ? trim($reason) : '';
            if ($reason === '') {
                continue;
            }
            $end = DateTimeImmutable::createFromFormat('!Y-m-d', is_string($ends[$key] ?? null) ? $ends[$key] : '') ?: null;
            [$requirement, $place] = [...explode(' ', (string) $key, 2), ''];
            if (mb_strlen($reason) < 15) {
                $faults[(string) $key] = 'Say in a sentence why this may stay, so that somebody else understands it next year.';
            } elseif ($end === null || $end < $today || $end > $today->modify('+'.self::LONGEST.' days')) {
                $faults[(string) $key] = 'Say until when, within '.self::LONGEST.' days from today.';
            } else {
                $rows[] = ['point_id' => $point->id, 'requirement' => $requirement, 'place' => $place, 'reason' => $reason, 'until' => $end->format('Y-m-d'), 'made_by' => $officer->id, 'made_at' => $this->clock->instant()];
            }
        }
        if ($faults === []) {
            DB::transaction(function () use ($point, $officer, $rows): void {
                foreach ($rows as $row) {
                    ExceptionRow::query()->create($row);
                    ($this->append)($point->subject, Act::excepted($row['made_at'], $point->slug, $row['requirement'], $row['place'], $row['reason'], $row['until'], "user {$officer->id}"));
                }
            }, 3);
        }

        return $faults;
    }
}
