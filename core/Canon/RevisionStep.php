<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** Where a revision stands in its document's history. */
final readonly class RevisionStep
{
    /**
     * @param  int  $number  from 1
     * @param  int  $state  the revision in which its state was first reached; another one than its own after undo and redo
     * @param  int  $from  the state that its state was reached from; 0 for the first, and after undo and redo
     */
    public function __construct(public int $number, public int $state, public int $from) {}
}
