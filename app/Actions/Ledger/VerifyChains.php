<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\OneMoment;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Log\ChainHead;
use Juramen\Log\Checkpoint;

/**
 * The second pass of verifying: what entries mean. Every subject's chain in order, whole chains at a time, with its values, look-ups and
 * permissions, and the map of where they end.
 */
final class VerifyChains
{
    private const AT_ONCE = 2000;

    public function __construct(private readonly LedgerTables $ledger, private readonly ExamineChains $examine, private readonly OneMoment $moment) {}

    /**
     * @param  Checkpoint|null  $newest  whose map of chains is compared
     * @param  callable(int, int): void  $progress  how many entries are read, of how many
     * @param  callable(Fault): void  $note
     * @return int how many entries there are
     */
    public function __invoke(?Checkpoint $newest, callable $progress, callable $note): int
    {
        [$count, $subject, $sequence, $chains, $map] = [0, '', 0, [], new MapOfChains];
        $all = $this->ledger->table('entries')->count();
        // Each lot at one moment: somebody who acts between its entries and what hangs on them is no fault.
        do {
            $read = $this->moment->read(function () use (&$subject, &$sequence, &$chains, $map, $newest, $note): int {
                $rows = $this->rows($subject, $sequence);
                foreach ($rows as $row) {
                    $entry = $this->entry($row, $note);
                    [$subject, $sequence] = [(string) $row->subject, $row->sequence];
                    if ($entry !== null) {
                        $chains[$subject][] = $entry;
                    }
                    if ($row->leaf !== null && $newest !== null && $row->leaf < $newest->size) {
                        $map->add(new ChainHead(Id::fromBytes($subject), $sequence, Digest::of((string) $row->body)));
                    }
                }
                // The last chain may go on in the next lot.
                $open = count($rows) === self::AT_ONCE ? [$subject => $chains[$subject] ?? []] : [];
                $this->examine(array_diff_key($chains, $open), $note);
                $chains = $open;

                return count($rows);
            });
            $count += $read;
            $progress($count, max($all, $count));
        } while ($read === self::AT_ONCE);
        if ($newest?->chains !== null && ! $map->root()->equals($newest->chains)) {
            $note(new Fault("The chains do not end where the checkpoint of size {$newest->size} says that they end: an end was cut off, or added"));
        }

        return $count;
    }

    /** @return list<StoredEntry> behind that entry of that subject, in the order of subjects and their chains */
    private function rows(string $subject, int $sequence): array
    {
        return array_values($this->ledger->withLeaves()->select('entries.*', 'leaves.leaf')
            ->whereRaw('(subject, sequence) > (?, ?)', [$subject, $sequence])->where('subject', '>=', $subject)
            ->orderBy('subject')->orderBy('sequence')->limit(self::AT_ONCE)->get()->map(StoredEntry::from(...))->all());
    }

    /**
     * @param  array<string, list<Entry>>  $chains  whole, by subject
     * @param  callable(Fault): void  $note
     */
    private function examine(array $chains, callable $note): void
    {
        $whole = array_map(static fn (string|int $s, array $e): Chain => new Chain(Id::fromBytes((string) $s), $e), array_keys($chains), $chains);
        foreach (($this->examine)($whole) as $fault) {
            $note($fault);
        }
    }

    /** @param  callable(Fault): void  $note */
    private function entry(StoredEntry $row, callable $note): ?Entry
    {
        try {
            $entry = Entry::parse((string) $row->body);
        } catch (InvalidArgumentException $e) {
            $note(new Fault('This entry cannot be read: '.rtrim($e->getMessage(), '.'), $row->about(), $row->idInHex()));

            return null;
        }
        if ($entry->id->bytes !== $row->id || $entry->subject->bytes !== $row->subject || $entry->sequence !== $row->sequence
            || $entry->act->kind()->value !== $row->kind || Instants::write($entry->recorded) !== $row->recorded) {
            $note(new Fault('The columns beside this entry say something else than its bytes', ExamineChains::about($entry), $row->idInHex()));
        }

        return $entry;
    }
}
