<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Something that screening looks at, a class each; all of them stand in Signals. */
interface Signal
{
    /** By which it is stored; never changed. */
    public function id(): string;

    /** What is noticed, as the office reads it. */
    public function says(): string;

    /** What it adds to the log-odds where it is noticed in full; ours to start with. Less than nothing speaks for a person. */
    public function weight(): float;

    /** @return float how much of it is noticed, 0 to 1 */
    public function amount(SubmissionFacts $facts): float;
}
