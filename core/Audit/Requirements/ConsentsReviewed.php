<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** Somebody looks at the consents again when purposes or relations change. */
final class ConsentsReviewed extends PersonRequirement
{
    public function id(): string
    {
        return 'consents-reviewed';
    }

    public function title(): string
    {
        return 'Consents are looked at again when something changes.';
    }

    public function source(): Source
    {
        return new Source('ICO guidance on consent; GDPR Art. 24', SourceKind::Guide);
    }

    protected function why(): string
    {
        return 'What changed around a form does not stand on it.';
    }

    protected function question(): string
    {
        return 'Has what is sent, by whom or to whom, changed since people agreed? Who looked, and when?';
    }
}
