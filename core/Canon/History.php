<?php

declare(strict_types=1);

namespace Juramen\Canon;

use LogicException;

/**
 * The way through a document's revisions. Revisions are only ever added: undoing adds one that is equal to the state before,
 * and so can itself be undone. Each revision names its state (the revision in which it was first reached) and the state
 * it was reached from.
 */
final readonly class History
{
    /** @param  non-empty-list<RevisionStep>  $revisions  in order */
    public function __construct(private array $revisions) {}

    /** The state that the newest revision is in. */
    public function state(): int
    {
        return $this->revisions[count($this->revisions) - 1]->state;
    }

    /** The state to which undoing leads; null where there is nothing to undo. */
    public function undo(): ?int
    {
        $from = $this->from($this->state());

        return $from === 0 ? null : $from;
    }

    /** The state to which redoing leads: the one undone last from here; null where nothing was undone. */
    public function redo(): ?int
    {
        foreach (array_slice(array_reverse($this->revisions), 1) as $revision) {
            if ($this->from($revision->state) === $this->state()) {
                return $revision->state;
            }
        }

        return null;
    }

    private function from(int $state): int
    {
        foreach ($this->revisions as $revision) {
            if ($revision->number === $state) {
                return $revision->from;
            }
        }
        throw new LogicException("There is no state $state.");
    }
}
