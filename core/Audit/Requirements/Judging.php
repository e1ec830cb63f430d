<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Mend;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/** Short ways for a requirement to say what it found. */
trait Judging
{
    /** @return non-empty-list<Result> */
    private function notApplicable(string $why): array
    {
        return [new Result($this, Verdict::NotApplicable, $why)];
    }

    /** @return non-empty-list<Result> */
    private function met(string $says, ?string $where = null, ?string $words = null): array
    {
        return [new Result($this, Verdict::Met, $says, $where, $words)];
    }

    private function finding(Verdict $verdict, string $says, ?string $where, ?string $words, string $mend, ?Mend $change = null): Result
    {
        return new Result($this, $verdict, $says, $where, $words, $mend, $change);
    }
}
