<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\Filling;
use Juramen\Points\PointEdition;

/** What is answered to a submission: taken, or the form once more with everything that was typed. */
final readonly class Verdict
{
    private function __construct(public bool $taken, public PointEdition $edition, public ?Filling $again, public int $status) {}

    public static function taken(PointEdition $edition): self
    {
        return new self(true, $edition, null, 303);
    }

    /** @param  int  $status of the answer: 422 where something must be mended, 503 where we could not save */
    public static function again(PointEdition $edition, Filling $filling, int $status = 422): self
    {
        return new self(false, $edition, $filling, $status);
    }
}
