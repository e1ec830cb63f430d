<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\LedgerTables;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Entry;
use Juramen\Consent\Permissions;

/** Folds every subscriber's chain anew and compares it with the projection; mends it where asked. */
final class RebuildPermissions
{
    public function __construct(private readonly LedgerTables $ledger, private readonly ProjectPermissions $project) {}

    /**
     * @param  bool  $mend  writes what differs; else only says it
     * @param  callable(int): void  $progress  told how many subscribers were compared
     * @return array{subscribers: int, differences: list<array{subject: string, found: list<string>, expected: list<string>}>}
     */
    public function __invoke(bool $mend, callable $progress): array
    {
        [$count, $differences] = [0, []];
        Subscriber::query()->chunkById(500, function (Collection $subscribers) use ($mend, $progress, &$count, &$differences): void {
            foreach ($subscribers as $subscriber) {
                $difference = DB::transaction(fn (): ?array => $this->compare($subscriber, $mend), 3);
                if ($difference !== null) {
                    $differences[] = $difference;
                }
            }
            $progress($count += $subscribers->count());
        });

        return ['subscribers' => $count, 'differences' => $differences];
    }

    /** @return array{subject: string, found: list<string>, expected: list<string>}|null */
    private function compare(Subscriber $subscriber, bool $mend): ?array
    {
        DB::table('subjects')->where('id', $subscriber->subject->bytes)->lockForUpdate()->exists();
        $say = static fn (array $row): string => "{$row['purpose']} by {$row['channel']}: {$row['reason']} since {$row['since']}, entry ".bin2hex($row['entry']).($row['allowed'] ? ', allowed' : '');
        $expected = array_map($say, $this->project->rows($subscriber->id, Permissions::of($this->chain($subscriber))));
        $found = DB::table('permissions')->where('subscriber_id', $subscriber->id)->get()->map(static fn (object $row): string => $say((array) $row))->all();
        sort($expected);
        sort($found);
        if ($expected === $found) {
            return null;
        }
        if ($mend) {
            CurrentPermission::query()->where('subscriber_id', $subscriber->id)->delete();
            ($this->project)($subscriber->subject);
        }

        return ['subject' => $subscriber->subject->hex(), 'found' => $found, 'expected' => $expected];
    }

    /** @return list<Entry> */
    private function chain(Subscriber $subscriber): array
    {
        return $this->ledger->chain($subscriber->subject);
    }
}
