<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Models\Point;
use App\Models\SheetRevision;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Points\Conflict;
use Juramen\Points\History;
use Juramen\Points\InvalidSheet;
use Juramen\Points\Merge;
use Juramen\Points\Sheet;

/** Changes to a sheet: each adds a revision; nothing is ever taken from its history. */
final class EditSheet
{
    public function __construct(private readonly SystemClock $clock) {}

    /**
     * Saves a change that began from a revision which may no longer be the newest: what others changed since is kept,
     * and what they changed in the same place is a conflict, for which theirs stays until somebody decides.
     *
     * @param  callable(array<string, mixed>): array<string, mixed>  $change
     * @return array{SheetRevision, list<Conflict>} the newest revision afterwards
     *
     * @throws InvalidSheet where no sheet would come of it
     */
    public function change(Point $point, User $author, int $base, string $said, callable $change): array
    {
        return $this->locked($point, function (SheetRevision $newest) use ($point, $author, $base, $said, $change): array {
            $from = $base === $newest->number ? $newest : $point->revisions()->where('number', $base)->firstOrFail();
            [$document, $conflicts] = Merge::of($from->document, $change($from->document), $newest->document);
            Sheet::read($document);
            if ($document === $newest->document) {
                return [$newest, $conflicts];
            }
            $number = $newest->number + 1;

            return [$this->add($point, $author, $document, $number, $number, $newest->state, $said), $conflicts];
        });
    }

    public function undo(Point $point, User $author): SheetRevision
    {
        return $this->travel($point, $author, static fn (History $history): ?int => $history->undo(), 'undid the last change');
    }

    public function redo(Point $point, User $author): SheetRevision
    {
        return $this->travel($point, $author, static fn (History $history): ?int => $history->redo(), 'redid a change');
    }

    public function history(Point $point): History
    {
        $rows = $point->revisions()->orderBy('number')->get(['number', 'state', 'from_state'])
            ->map(static fn (SheetRevision $r): array => ['number' => $r->number, 'state' => $r->state, 'from' => $r->from_state])->values()->all();

        return new History($rows === [] ? throw new InvalidSheet('This point has no sheet.') : $rows);
    }

    /** @param  callable(History): ?int  $way */
    private function travel(Point $point, User $author, callable $way, string $said): SheetRevision
    {
        return $this->locked($point, function (SheetRevision $newest) use ($point, $author, $way, $said): SheetRevision {
            $state = $way($this->history($point));

            return $state === null ? $newest
                : $this->add($point, $author, $point->revisions()->where('number', $state)->firstOrFail()->document, $newest->number + 1, $state, 0, $said);
        });
    }

    /** @param  array<string, mixed>  $document */
    private function add(Point $point, User $author, array $document, int $number, int $state, int $from, string $said): SheetRevision
    {
        return $point->revisions()->create(['number' => $number, 'state' => $state, 'from_state' => $from, 'said' => mb_substr($said, 0, 200), 'document' => $document, 'author_id' => $author->id, 'saved_at' => $this->clock->instant()]);
    }

    /**
     * @template T
     *
     * @param  callable(SheetRevision): T  $do
     * @return T
     */
    private function locked(Point $point, callable $do): mixed
    {
        return DB::transaction(function () use ($point, $do): mixed {
            DB::table('subjects')->where('id', $point->subject->bytes)->lockForUpdate()->exists();

            return $do($point->revisions()->orderByDesc('number')->firstOrFail());
        }, 3);
    }
}
