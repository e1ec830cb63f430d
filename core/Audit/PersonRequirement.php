<?php

declare(strict_types=1);

namespace Juramen\Audit;

/**
 * A duty that no form shows: only a person can say whether it is met. It is asked in audits, of points of ours that ask for consent, and of nothing
 * that is only being written; an attestation answers it.
 */
abstract class PersonRequirement extends FormRequirement
{
    final public function judgedBy(): JudgedBy
    {
        return JudgedBy::Person;
    }

    public function judge(Reading $reading): array
    {
        return $reading->sheet !== null && $reading->isAboutConsent() && $this->concerns($reading)
            ? [$this->finding(Verdict::Open, $this->why(), null, null, $this->question())]
            : $this->notApplicable('It is asked of points of ours that it concerns.');
    }

    protected function concerns(Reading $reading): bool
    {
        return true;
    }

    /** Why only a person can say. */
    abstract protected function why(): string;

    /** What is asked. */
    abstract protected function question(): string;
}
