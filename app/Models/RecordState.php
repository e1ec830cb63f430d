<?php

declare(strict_types=1);

namespace App\Models;

/** How the newest revision of a record stands. */
enum RecordState: string
{
    case Draft = 'draft';
    case Submitted = 'submitted';
    /** What is approved does not hold yet: its day has not come, or, of a statement, no published point shows it. */
    case Approved = 'approved';
    case InForce = 'in force';
    case Retired = 'retired';
}
