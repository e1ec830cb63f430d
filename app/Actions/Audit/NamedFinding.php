<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;

/** A finding on a form. */
final readonly class NamedFinding
{
    public function __construct(public AuditedForm $form, public AuditedFinding $finding) {}
}
