<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** A no, and a withdrawal, cost nothing. */
final class NoPenalty extends PersonRequirement
{
    public function id(): string
    {
        return 'no-penalty';
    }

    public function title(): string
    {
        return 'Whoever refuses or withdraws loses nothing.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recital 42; ICO guidance on consent', SourceKind::Law);
    }

    protected function why(): string
    {
        return 'What a no costs does not stand on a form.';
    }

    protected function question(): string
    {
        return 'Does anybody who says no, or withdraws, lose anything: a price, a service, a place?';
    }
}
