<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\HeldChain;

/** What passed the gate and is to be published, with the chain of its point. */
final readonly class AdmittedPublication
{
    /** @param  list<AdmittedException>  $exceptions  entered together with the edition */
    public function __construct(public Publication $publication, public HeldChain $chain, public array $exceptions) {}
}
