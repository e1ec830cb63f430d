<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Juramen\Audit\Finding;

/** A finding that is excepted, with its reason and end. */
final readonly class AdmittedException
{
    public function __construct(public Finding $finding, public ExceptionDraft $draft) {}
}
