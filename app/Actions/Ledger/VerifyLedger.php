<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\KeyStore;
use App\Support\Stored;
use App\Support\SystemClock;
use InvalidArgumentException;
use Juramen\Consent\Entry;
use Juramen\Log\Checkpoint;

/**
 * Reads everything that evidence rests on as it is stored, and says what does not fit: every entry's bytes against its leaf, every
 * checkpoint's signature, root and number, every subject's chain with its values, look-ups and permissions, the map of chains,
 * every edition with who decided and when, every frozen form, and what the journal beside the key says was committed.
 * Memory does not grow with the ledger.
 */
final class VerifyLedger
{
    private const MOST_FAULTS = 50;

    /** Seconds after which an entry should have been sealed. */
    private const SEALED_WITHIN = 60;

    /** @var list<Fault> */
    private array $faults = [];

    /** @var list<Pass> */
    private array $passes = [];

    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly Unsealed $unsealed,
        private readonly SameLedger $same,
        private readonly VerifyTree $tree,
        private readonly VerifyChains $chains,
        private readonly ExamineEditions $editions,
        private readonly KeyStore $keys,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  string|null  $against  an earlier checkpoint, as a signed note, kept by whoever asks
     * @param  callable(string, int, int): void  $progress  told what is read, how many of how many
     */
    public function __invoke(?string $against, callable $progress): Verification
    {
        [$this->faults, $this->passes] = [[], []];
        $note = $this->note(...);
        $checkpoints = $this->checkpoints($against);
        $newest = $checkpoints === [] ? null : end($checkpoints);
        $sealed = $this->pass('bytes, tree and checkpoints', fn (): int => ($this->tree)(
            $checkpoints, static fn (int $so, int $all) => $progress('sealed entries', $so, $all), $note
        ));
        $entries = $this->pass('meaning, values and permissions', fn (): int => ($this->chains)(
            $newest, static fn (int $so, int $all) => $progress('entries in their chains', $so, $all), $note
        ));
        $this->pass('editions and frozen bytes', fn () => array_map($note, $this->editions->all()));
        foreach ($this->same->missing() as $line) {
            $this->fault("Entry {$line->sequence} was committed and is not in the database any more, or is another", "subject {$line->subject->hex()}");
        }
        $overdue = $this->overdue();
        if ($overdue > 0) {
            $this->fault(
                "$overdue entries have waited for more than ".self::SEALED_WITHIN.' seconds to be sealed; the scheduler stands still, or sealing is refused'
            );
        }

        return new Verification($entries, $sealed, count($checkpoints), $overdue, $this->faults, $this->passes);
    }

    /** @return array<int, Checkpoint> by size */
    private function checkpoints(?string $against): array
    {
        $ring = $this->keys->keyRing();
        [$found, $number] = [[], null];
        $notes = ['the one beside the key' => $this->keys->lastCheckpoint(), 'the one given' => $against];
        $stored = $this->ledger->table('checkpoints')->orderBy('size')->pluck('note', 'size')->map(Stored::text(...))->all();
        foreach ($stored as $size => $note) {
            $notes["of size $size"] = $note;
        }
        foreach ($notes as $which => $note) {
            if ($note === null) {
                continue;
            }
            try {
                $checkpoint = $ring->open($note);
                $this->sameLedger($checkpoint);
                if (isset($found[$checkpoint->size]) && ! $found[$checkpoint->size]->root->equals($checkpoint->root)) {
                    $this->fault("Two checkpoints of size {$checkpoint->size} have different roots; one is $which");
                }
                $found[$checkpoint->size] = $checkpoint;
                if (! isset($stored[$checkpoint->size])) {
                    $this->fault("The checkpoint of size {$checkpoint->size}, $which, is not in the database: it was taken out");
                }
            } catch (InvalidArgumentException $e) {
                $this->fault("Checkpoint $which: ".rtrim($e->getMessage(), '.'));
            }
        }
        ksort($found);
        foreach ($found as $checkpoint) {
            if ($checkpoint->number !== null && $checkpoint->number !== ($number ?? 0) + 1) {
                $this->fault(
                    "Before checkpoint {$checkpoint->number}, of size {$checkpoint->size}, others are missing; the one before it here is ".($number ?? 'none')
                );
            }
            $number = $checkpoint->number ?? $number;
        }

        return $found;
    }

    private function sameLedger(Checkpoint $checkpoint): void
    {
        $origin = config()->string('juramen.ledger_origin');
        if ($checkpoint->origin !== $origin) {
            throw new InvalidArgumentException("it is of the ledger {$checkpoint->origin}, not of $origin");
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function pass(string $name, callable $do): mixed
    {
        $began = hrtime(true);
        $done = $do();
        $this->passes[] = new Pass($name, (hrtime(true) - $began) / 1e9);

        return $done;
    }

    private function overdue(): int
    {
        return $this->unsealed->everything()->where('recorded', '<', Instants::write($this->clock->instant()->plusSeconds(-self::SEALED_WITHIN)))->count();
    }

    private function fault(string $what, ?string $about = null): void
    {
        $this->note(new Fault($what, $about));
    }

    private function note(Fault $fault): void
    {
        if (count($this->faults) < self::MOST_FAULTS) {
            $this->faults[] = $fault;
        }
    }
}
