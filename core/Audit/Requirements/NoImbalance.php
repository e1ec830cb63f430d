<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** Employees, pupils and whoever stands before an authority can hardly say no. */
final class NoImbalance extends PersonRequirement
{
    public function id(): string
    {
        return 'no-imbalance';
    }

    public function title(): string
    {
        return 'Nobody is asked under pressure.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recital 43', SourceKind::Law);
    }

    protected function why(): string
    {
        return 'Who stands before the form does not stand on it.';
    }

    protected function question(): string
    {
        return 'Is anybody asked here who cannot well say no: an employee, a pupil, somebody before an authority?';
    }
}
