<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\Filling;
use Juramen\Points\PointEdition;
use Juramen\Register\Channel;
use Juramen\Wording\Statement;

/** What is answered to a submission: taken, or the form once more with everything that was typed. */
final readonly class SubmissionOutcome
{
    /** @param  bool  $mailed  whether the visitor is to look into an inbox: it hangs on what was ticked alone, never on who is known */
    private function __construct(public PointEdition $edition, public ?Filling $again, public int $status, public bool $mailed = false) {}

    public static function taken(Signup $signup): self
    {
        return new self($signup->edition, null, 303, array_filter($signup->agreed, static fn (Statement $s): bool => $s->asksBy(Channel::Email)) !== []);
    }

    /** @param  int  $status of the answer: 422 where something must be mended, 503 where we could not save */
    public static function again(PointEdition $edition, Filling $filling, int $status = 422): self
    {
        return new self($edition, $filling, $status);
    }
}
