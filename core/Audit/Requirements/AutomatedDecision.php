<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** Where a machine decides alone what matters to people, there is a ground, an explanation, and somebody to turn to. */
final class AutomatedDecision extends PersonRequirement
{
    public function id(): string
    {
        return 'automated-decision';
    }

    public function title(): string
    {
        return 'No machine alone decides what matters to people.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 22, 13(2)(f)', SourceKind::Law);
    }

    protected function why(): string
    {
        return 'What is decided from the answers does not stand on a form.';
    }

    protected function question(): string
    {
        return 'Is anything that matters to people decided by a machine alone from what is asked here? If so: on which ground, is it explained, and who looks at it?';
    }
}
