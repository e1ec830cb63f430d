<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

/** Who may write something; officers may write whatever editors may. */
enum Writer: int
{
    case Editor = 1;
    case Officer = 2;
    /** It was set when the record was begun. */
    case Nobody = 3;

    public function allows(self $role): bool
    {
        return $role->value >= $this->value && $this !== self::Nobody;
    }
}
