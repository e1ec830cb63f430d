<?php

declare(strict_types=1);

namespace Juramen\Log;

use RuntimeException;

/** A proof needs the hash of a subtree that is not there. */
final class MissingSubtree extends RuntimeException
{
    public static function at(int $level, int $index): self
    {
        return new self(
            sprintf(
                'The hash of subtree %d at level %d (leaves %d to %d) is missing; the stored tree is incomplete.', $index, $level, $index << $level,
                (($index + 1) << $level) - 1
            )
        );
    }
}
