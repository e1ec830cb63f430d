<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Canon\Id;
use Juramen\Consent\Acts\Given;

/** A consent with the id of the entry that holds it. */
final readonly class GivenEntry
{
    public function __construct(public Id $entry, public Given $act) {}
}
