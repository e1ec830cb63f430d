<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\FieldValue;
use Juramen\Points\VisitMark;

/** A visit mark just issued, and the hidden inputs in which it goes with a form. */
final readonly class FreshMarks
{
    /** @param  list<FieldValue>  $inputs */
    public function __construct(public VisitMark $visit, public array $inputs) {}
}
