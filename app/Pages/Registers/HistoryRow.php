<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\Revision;
use App\Support\Moments;
use Illuminate\Support\Collection;

/** What somebody did to a record; undoing several times in a row is one row. */
final readonly class HistoryRow
{
    /** @param  int  $before  number of the revision that it was done to */
    private function __construct(public int $number, public int $before, public string $who, public string $did, public string $when) {}

    /**
     * @param  Collection<int, Revision>  $revisions  the newest first
     * @return list<self>
     */
    public static function all(Collection $revisions): array
    {
        $rows = [];
        foreach ($revisions->chunkWhile(static fn (Revision $r, int $i, Collection $run): bool => self::continues($run->last(), $r)) as $run) {
            [$newest, $oldest] = [$run->first(), $run->last()];
            $did = $newest->said ?: 'began it';
            $rows[] = new self(
                $newest->number, max(1, $oldest->number - 1), $newest->author->name,
                $run->count() === 1 ? $did : (str_starts_with($did, 'undid') ? 'undid ' : 'redid ').$run->count().' changes', Moments::exact($newest->saved_at),
            );
        }

        return $rows;
    }

    private static function continues(?Revision $later, Revision $earlier): bool
    {
        return $later !== null && $later->author_id === $earlier->author_id && $later->said === $earlier->said
            && preg_match('/^(un|re)did /', $earlier->said) === 1;
    }
}
