<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How a control stands before the visitor has touched it. */
enum Response: string
{
    case Unset = 'unset';
    case Yes = 'yes';
    case No = 'no';
}
