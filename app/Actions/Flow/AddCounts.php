<?php

declare(strict_types=1);

namespace App\Actions\Flow;

use App\Casts\Instants;
use App\Models\SignupJourney;
use App\Support\FlowLog;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/**
 * Brings what was counted in files into the database. A file is set aside first and added a while later, when nobody writes to it any more;
 * its name is kept with its numbers, so that it is added once, however often this runs, and beside itself.
 */
final class AddCounts
{
    /** Seconds that a file is left alone, for whoever has it open. */
    private const REST = 5;

    private const LINE = '/^(\d{4}-\d\d-\d\d) ([0-9a-f]{64}) ([a-z]{2}) ((?:shown (?:\d{1,2}|first|second)|sent|held|ticked [a-z0-9-]{1,60}))$/D';

    public function __construct(private readonly FlowLog $log, private readonly SystemClock $clock) {}

    /** @return int how many things were counted */
    public function __invoke(): int
    {
        if (is_file($this->log->path())) {
            @rename($this->log->path(), $this->log->path('aside-'.Id::random()->hex()));
        }
        $added = 0;
        foreach (glob($this->log->path('aside-*')) ?: [] as $file) {
            clearstatcache(true, $file);
            if (time() - (int) @filemtime($file) >= self::REST) {
                $added += $this->add($file);
            }
        }
        $this->countOpened();
        DB::table('flow_files')->where('added_at', '<', Instants::write($this->clock->instant()->plusDays(-7)))->delete();

        return $added;
    }

    /** Of sign-ups that have ended nothing of the kind is noted any more; what is left is a number. */
    private function countOpened(): void
    {
        DB::transaction(function (): void {
            $ended = SignupJourney::query()->with('edition')->where('opened', true)->whereNotNull('ended_at')->limit(1000)->lockForUpdate()->get();
            foreach ($ended as $journey) {
                $what = $journey->confirmed_at === null ? 'opened, not pressed' : 'opened, pressed';
                self::count(Moments::isoDay($journey->asked_at), $journey->edition->digest, $journey->language->value, $what);
            }
            SignupJourney::query()->whereIn('id', $ended->map(static fn (SignupJourney $j): string => $j->id->bytes))->update(['opened' => false]);
        }, 3);
    }

    private function add(string $file): int
    {
        $counts = array_count_values(array_filter(explode("\n", (string) @file_get_contents($file)), static fn (string $l): bool => $l !== ''));
        $added = DB::transaction(function () use ($file, $counts): int {
            if (DB::table('flow_files')->insertOrIgnore(['name' => basename($file), 'added_at' => Instants::write($this->clock->instant())]) === 0) {
                return 0;
            }
            $sum = 0;
            foreach ($counts as $line => $count) {
                if (preg_match(self::LINE, (string) $line, $m) === 1) {
                    self::count($m[1], Digest::fromHex($m[2]), $m[3], $m[4], $count);
                    $sum += $count;
                }
            }

            return $sum;
        }, 3);
        @unlink($file);

        return $added;
    }

    /** Adds to a day's number; inside a transaction where it belongs to something. */
    public static function count(string $day, Digest $edition, string $language, string $what, int $more = 1): void
    {
        DB::statement(
            'INSERT INTO flow_counts (day, edition, language, what, count) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE count = count + VALUES(count)',
            [$day, $edition->bytes, $language, $what, $more]
        );
    }
}
