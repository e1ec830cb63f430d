<?php

declare(strict_types=1);

namespace Juramen\Canon;

use BackedEnum;

/** Why something is refused, as a named case. Its value is its name in answers and tests; its words stand beside it and nowhere else. */
interface Refusal extends BackedEnum
{
    /** What was wrong and what would be right, with ":fact" for each fact. */
    public function words(): string;
}
