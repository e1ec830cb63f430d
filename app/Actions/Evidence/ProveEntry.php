<?php

declare(strict_types=1);

namespace App\Actions\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Actions\Ledger\LedgerTables;
use App\Support\KeyStore;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Consent\Entry;
use Juramen\Log\Disclosure;
use Juramen\Log\InclusionProof;
use Juramen\Log\MissingSubtree;
use Juramen\Log\TreeHash;

/** Proves one entry: its place in its subject's chain, its leaf under the newest signed checkpoint, its personal values. */
final class ProveEntry
{
    public function __construct(private readonly LedgerTables $ledger, private readonly KeyStore $keys, private readonly PersonalValues $personal) {}

    /** @param  Entry|null  $before the entry before it in the chain */
    public function __invoke(Entry $entry, ?Entry $before): Proof
    {
        $note = $this->ledger->newestCheckpoint();
        $leaf = $this->ledger->leafOf($entry->id);
        try {
            $checkpoint = $note === null ? null : $this->keys->keyRing()->open($note);
            $sealed = $checkpoint !== null && $leaf !== null && $leaf < $checkpoint->size;
            $problem = match (true) {
                ! $entry->follows($before) => 'This entry does not follow on the one before it.',
                ! $this->valuesAreItsOwn($entry) => 'A personal value is not the one that this entry was made with.',
                $sealed && ! InclusionProof::make($leaf, $checkpoint->size, $this->ledger)->proves(TreeHash::ofLeaf($entry->bytes), $checkpoint->root) => 'The entry does not lead to the root that was signed: it was changed after sealing.',
                default => '',
            };

            return new Proof($problem, $sealed ? $leaf : null, $checkpoint);
        } catch (InvalidArgumentException|MissingSubtree $e) {
            return new Proof($e->getMessage(), $leaf, null);
        }
    }

    private function valuesAreItsOwn(Entry $entry): bool
    {
        $digests = array_map(static fn (Digest $d): string => $d->bytes, $entry->act->personal);

        return array_filter($this->personal->ofEntry($entry->id), static fn (Disclosure $d): bool => ! in_array($d->digest()->bytes, $digests, true)) === [];
    }
}
