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
     */
    public function __invoke(bool $mend, callable $progress): Rebuilt
    {
        [$count, $differences] = [0, []];
        Subscriber::query()->chunkById(500, function (Collection $subscribers) use ($mend, $progress, &$count, &$differences): void {
            foreach ($subscribers as $subscriber) {
                $difference = DB::transaction(fn (): ?PermissionDifference => $this->compare($subscriber, $mend), 3);
                if ($difference !== null) {
                    $differences[] = $difference;
                }
            }
            $progress($count += $subscribers->count());
        });

        return new Rebuilt($count, $differences);
    }

    private function compare(Subscriber $subscriber, bool $mend): ?PermissionDifference
    {
        DB::table('subjects')->where('id', $subscriber->subject->bytes)->lockForUpdate()->exists();
        $says = static fn (CurrentPermission $c): string => $c->says();
        $expected = array_map($says, $this->project->of($subscriber->id, Permissions::of($this->chain($subscriber))));
        $found = array_values(CurrentPermission::query()->where('subscriber_id', $subscriber->id)->get()->map($says)->all());
        sort($expected);
        sort($found);
        if ($expected === $found) {
            return null;
        }
        if ($mend) {
            CurrentPermission::query()->where('subscriber_id', $subscriber->id)->delete();
            ($this->project)($subscriber->subject);
        }

        return new PermissionDifference($subscriber->subject->hex(), $found, $expected);
    }

    /** @return list<Entry> */
    private function chain(Subscriber $subscriber): array
    {
        return $this->ledger->chain($subscriber->subject);
    }
}
