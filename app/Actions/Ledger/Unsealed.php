<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\Stored;
use Illuminate\Database\Query\Builder;

/** What is committed and not in the tree yet, looked for from where everything must have been seen. */
final class Unsealed
{
    /** Seconds within which any transaction has ended; far more than a request or a command may take. */
    private const LONGEST_TRANSACTION = 3600;

    public function __construct(private readonly LedgerTables $ledger) {}

    /** @return Builder of entries that are not sealed; but for what a transaction left that was open for hours, see everything() */
    public function query(): Builder
    {
        return $this->everything()->where('entries.position', '>', $this->settledPosition());
    }

    /** @return Builder of entries behind the last that is sealed: whether sealing goes on, and nothing of what came late */
    public function waiting(): Builder
    {
        $size = $this->ledger->size();
        $last = $size === 0 ? 0 : Stored::number($this->ledger->table('leaves')->where('leaf', $size - 1)->value('position') ?? 0);

        return $this->everything()->where('entries.position', '>', $last);
    }

    /** @return Builder looks through the whole ledger */
    public function everything(): Builder
    {
        return $this->ledger->withLeaves()->whereNull('leaves.position');
    }

    /**
     * Every position up to here is sealed or will never appear: it was in the tree so long before the newest sealing that every
     * transaction then open had ended by then, and was seen by that sealing. Any position sealed by then will do; the last leaf's
     * is read by its key.
     */
    private function settledPosition(): int
    {
        $newest = $this->ledger->table('checkpoints')->orderByDesc('size')->value('made');
        if ($newest === null) {
            return 0;
        }
        $before = Instants::write(Instants::read(Stored::text($newest))->plusSeconds(-self::LONGEST_TRANSACTION));
        $size = $this->ledger->table('checkpoints')->where('made', '<', $before)->orderByDesc('size')->value('size');

        return $size === null ? 0 : Stored::number($this->ledger->table('leaves')->where('leaf', Stored::number($size) - 1)->value('position') ?? 0);
    }
}
