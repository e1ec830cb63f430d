<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Juramen\Canon\Id;
use Juramen\Consent\Entry;

/** The entries that are stored as one subject's, in order, as far as they can be read. */
final readonly class Chain
{
    /** @param  list<Entry>  $entries */
    public function __construct(public Id $subject, public array $entries) {}
}
