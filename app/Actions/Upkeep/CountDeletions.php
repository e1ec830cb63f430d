<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\ById;

/** How much was deleted on a day, by what it was; nothing else of it. */
final class CountDeletions
{
    public function __construct(private readonly SystemClock $clock) {}

    public function add(string $what, int $count): void
    {
        if ($count > 0) {
            DB::statement(
                'INSERT INTO deletions (day, what, count) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE count = count + VALUES(count)',
                [$this->clock->today()->text, $what, $count]
            );
        }
    }

    /** What stands at this number now, such as rows that a run could not delete. */
    public function set(string $what, int $count): void
    {
        if ($count > 0) {
            DB::table('deletions')->upsert(['day' => $this->clock->today()->text, 'what' => $what, 'count' => $count], ['day', 'what'], ['count']);
        } else {
            DB::table('deletions')->where('what', $what)->delete();
        }
    }

    /** @return ById<Deleted> by what it was, in the last days, today among them */
    public function ofLastDays(int $days): ById
    {
        $rows = DB::table('deletions')->where('day', '>', $this->clock->today()->plus(-$days)->text)->groupBy('what')->orderBy('what')
            ->selectRaw('what, SUM(count) AS n')->get();

        return ById::of(
            $rows->map(static fn (object $row): Deleted => new Deleted((string) $row->what, (int) $row->n)), static fn (Deleted $d): string => $d->what
        );
    }
}
