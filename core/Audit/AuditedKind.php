<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What an audit looked at. */
enum AuditedKind: string
{
    /** A signup point of ours, by its sheet as it stands. */
    case Point = 'point';
    /** A form from elsewhere, as it was last read. */
    case Form = 'form';
}
