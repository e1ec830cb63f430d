<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Passage;

/** Reads one kind of meaning from classes of words, for all languages alike. */
interface Frame
{
    /** Fixed: sentences beside it, and the pages that show them, go by it. */
    public function id(): string;

    /** @return non-empty-list<Meaning> what it can find */
    public function meanings(): array;

    /** @return list<Sense> */
    public function read(Passage $passage): array;
}
