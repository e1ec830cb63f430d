<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/** A form with what was found on it. */
final readonly class JudgedForm
{
    /**
     * @param  list<Result>  $results
     * @param  SourceLines|null  $lines  of its file; null for a form of ours, which has none
     */
    public function __construct(public Reading $reading, public array $results, public ?SourceLines $lines = null) {}

    /** Line of a result's place in its file, from 1; null where that cannot be told. */
    public function line(Result $result): ?int
    {
        return $result->where === null ? null : $this->lines?->of($result->where->text());
    }

    /** @return list<Result> */
    public function findings(): array
    {
        return array_values(array_filter($this->results, static fn (Result $r): bool => $r->verdict->isFinding()));
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->results, static fn (Result $r): bool => $r->verdict === $verdict));
    }
}
