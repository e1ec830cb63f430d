<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What became of a finding from one audit to the next. */
enum AuditChangeKind: string
{
    case New = 'new';
    case Worse = 'worse';
    case Still = 'still';
    case Mended = 'mended';
    /** The form is not looked at any more, so nobody knows. */
    case NotSeen = 'not-seen';
}
