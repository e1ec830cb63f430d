<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A finding that one of two audits has and the other has not, or has graver. */
final readonly class AuditChange
{
    /** @param  AuditedFinding  $finding  as the later one has it; of what is mended, as the earlier one had it */
    public function __construct(public AuditChangeKind $kind, public AuditedForm $form, public AuditedFinding $finding) {}
}
