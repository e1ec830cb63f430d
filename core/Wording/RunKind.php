<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** What became of a run of words. */
enum RunKind: string
{
    case Same = 'same';
    case Gone = 'gone';
    case New = 'new';
}
