<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody who works here is for. */
enum Role: string
{
    case Officer = 'officer';
    case Editor = 'editor';
    case Auditor = 'auditor';
    case Administrator = 'administrator';
}
