<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;

/** How much was deleted on a day, by what it was; nothing else of it. */
final class CountDeletions
{
    public function __construct(private readonly SystemClock $clock) {}

    public function add(string $what, int $count): void
    {
        if ($count > 0) {
            DB::statement('INSERT INTO deletions (day, what, count) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE count = count + VALUES(count)', [$this->today(), $what, $count]);
        }
    }

    /** What stands at this number now, such as rows that a run could not delete. */
    public function set(string $what, int $count): void
    {
        if ($count > 0) {
            DB::table('deletions')->upsert(['day' => $this->today(), 'what' => $what, 'count' => $count], ['day', 'what'], ['count']);
        } else {
            DB::table('deletions')->where('what', $what)->delete();
        }
    }

    /** @return array<string, int> what, to how many in the last days, today among them */
    public function ofLastDays(int $days): array
    {
        return DB::table('deletions')->where('day', '>', $this->clock->instant()->plusDays(-$days)->utc->setTimezone(Moments::zone())->format('Y-m-d'))
            ->groupBy('what')->orderBy('what')->selectRaw('what, SUM(count) AS n')->pluck('n', 'what')->map(static fn ($n): int => (int) $n)->all();
    }

    private function today(): string
    {
        return $this->clock->instant()->utc->setTimezone(Moments::zone())->format('Y-m-d');
    }
}
