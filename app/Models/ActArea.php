<?php

declare(strict_types=1);

namespace App\Models;

/** Where an act belongs, as the log is filtered. */
enum ActArea: string
{
    case Points = 'points';
    case Wording = 'wording';
    case Audit = 'audit';
    case Screening = 'screening';
    case Evidence = 'evidence';
    case Requests = 'requests';
    case Mail = 'mail';
    case Accounts = 'accounts';

    /** @return list<ActKind> */
    public function kinds(): array
    {
        return array_values(array_filter(ActKind::cases(), fn (ActKind $kind): bool => $kind->area() === $this));
    }
}
